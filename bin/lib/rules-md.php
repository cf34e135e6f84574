<?php

declare(strict_types=1);

// Writes the rule book as docs/rules.md, from the rows that the program itself goes by.
require __DIR__.'/../../vendor/autoload.php';

file_put_contents(__DIR__.'/../../docs/rules.md', OldEddy\Rules\Printed::book());
