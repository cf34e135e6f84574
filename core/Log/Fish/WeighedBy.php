<?php

declare(strict_types=1);

namespace OldEddy\Log\Fish;

use OldEddy\Basics\Words;

/** What a weight comes from (rule Y6), the surest first. */
enum WeighedBy: string
{
    use Words;

    case Scale = 'scale';
    case Girth = 'girth';
    case Eye = 'eye';
    case Length = 'length';

    /** It as it stands beside a weight. */
    public function says(): string
    {
        return match ($this) {
            self::Scale => 'by the scale',
            self::Girth => 'by length and girth',
            self::Eye => 'by eye',
            self::Length => 'by its length',
        };
    }

    /** @return list<string> what can be said of a weight that is typed in; the others are reckoned */
    public static function typed(): array
    {
        return [self::Scale->value, self::Eye->value];
    }
}
