<?php

declare(strict_types=1);

namespace App\Waters\Files;

use RuntimeException;

/** A file that cannot be taken in; the message says what is wrong with it, where, and what to do instead. */
final class Refused extends RuntimeException
{
}
