<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Said;

/** What a rule says on a day, and the inputs that made it say so. */
final readonly class Firing
{
    /**
     * @param  list<string|Said>  $sayings  with what each is said of
     * @param  list<string>  $inputs  dotted paths of the conditions
     */
    public function __construct(public array $sayings, public array $inputs)
    {
    }
}
