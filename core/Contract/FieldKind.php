<?php

declare(strict_types=1);

namespace OldEddy\Contract;

/** What can stand in a field. */
enum FieldKind: string
{
    case Number = 'number';
    case Whole = 'whole';
    case One = 'one';
    case Some = 'some';
    case YesNo = 'yes_no';
    case Text = 'text';
    case Date = 'date';
    case Time = 'time';
}
