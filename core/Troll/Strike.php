<?php

declare(strict_types=1);

namespace OldEddy\Troll;

use OldEddy\Log\Evidence\Contact;

/** What struck a towed line: the contact, so many minutes after its line went in (0 or more), and whether the boat was turning. Rules T10, T12. */
final readonly class Strike
{
    public function __construct(public Contact $contact, public float $minute, public bool $inTurn = false)
    {
    }
}
