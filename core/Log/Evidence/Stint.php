<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

use OldEddy\Basics\Said;
use OldEddy\Choice\Retrieve\Pace;

/**
 * One spot, one presentation (lure, color, weight, length, retrieve, running depth, cast; R22): casts (0 or more) and contacts, with
 * the levels of every factor that was known. The depth of the water and the running depth of the lure are two factors (D12).
 */
final readonly class Stint
{
    /** The factors that describe a stint, in the order in which one would change them (M9); the last two are no pattern. */
    public const FACTORS = [
        'structure', 'cover', 'cover_part', 'light', 'water_depth', 'depth', 'speed', 'retrieve', 'cast', 'side', 'position', 'let_out', 'heading', 'boat_speed', 'lure', 'size', 'weight',
        'color', 'spot', 'angler',
    ];

    /** Depth bins in feet; the last is open. */
    private const DEPTH_EDGES = [0, 2, 4, 6, 8, 10, 12, 15, 20, 25, 30, 40];

    /** @var array<string, string> level by factor */
    public array $levels;

    private float $weight;

    private int $strikes;

    /** @var list<array{int, Contact}> */
    private array $inOrder;

    /**
     * @param  string  $at  date and time, sortable (ISO 8601)
     * @param  array<string, ?string>  $levels  by factor; unknown ones null, those with numbers and the speed are worked out
     * @param  ?float  $depthFt  running depth of the lure
     * @param  list<Contact>  $contacts  in order
     */
    public function __construct(
        public string $at,
        array $levels,
        public ?float $depthFt,
        public int $casts,
        public ?float $minutes,
        public array $contacts,
        public ?float $waterDepthFt = null,
        public ?float $weightOz = null,
        public ?float $lengthIn = null,
    ) {
        $levels['speed'] = Pace::of($levels['retrieve'] ?? null)?->value;
        $levels['depth'] = self::depthLevel($depthFt);
        $levels['water_depth'] = self::depthLevel($waterDepthFt);
        $levels['weight'] = self::weightLevel($weightOz);
        $levels['size'] = self::sizeLevel($lengthIn);
        $known = [];
        foreach (self::FACTORS as $factor) {
            if (isset($levels[$factor]) && $levels[$factor] !== '') {
                $known[$factor] = $levels[$factor];
            }
        }
        $this->levels = $known;
        $this->weight = array_sum(array_map(static fn (Contact $c): float => $c->kind->weight(), $contacts));
        $this->strikes = count(array_filter($contacts, static fn (Contact $c): bool => $c->kind->isStrike()));
        $inOrder = array_map(static fn (Contact $c): array => [min($c->atCast ?? $casts, $casts), $c], $contacts);
        usort($inOrder, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $this->inOrder = $inOrder;
    }

    /** The level of a lure's weight in ounces (over 0), such as "0.375 oz"; null for one unknown. */
    public static function weightLevel(?float $oz): ?string
    {
        return $oz === null ? null : round($oz, 4).' oz';
    }

    /** The level of a lure's length in inches (over 0), such as "4.5 in"; null for one unknown. */
    public static function sizeLevel(?float $inches): ?string
    {
        return $inches === null ? null : round($inches, 2).' in';
    }

    /**
     * The depth bin of a depth in feet (0 or more), such as "2-4 ft"; null for one unknown.
     *
     * @return ($depthFt is null ? null : string)
     */
    public static function depthLevel(?float $depthFt): ?string
    {
        if ($depthFt === null) {
            return null;
        }
        $last = count(self::DEPTH_EDGES) - 1;
        for ($i = 0; $i < $last; $i++) {
            if ($depthFt < self::DEPTH_EDGES[$i + 1]) {
                return self::DEPTH_EDGES[$i].'-'.self::DEPTH_EDGES[$i + 1].' ft';
            }
        }

        return self::DEPTH_EDGES[$last].' ft and deeper';
    }

    /** @return list<float> the middles of the bins that lie between two depths in feet */
    public static function depthsBetween(float $fromFt, float $toFt): array
    {
        $middles = [];
        for ($i = 1; $i < count(self::DEPTH_EDGES); $i++) {
            $middle = (self::DEPTH_EDGES[$i - 1] + self::DEPTH_EDGES[$i]) / 2;
            if ($middle >= $fromFt && $middle <= $toFt) {
                $middles[] = $middle;
            }
        }

        return $middles;
    }

    /** A level in words; depth, weight and length say their unit. */
    public static function said(string $level): string|Said
    {
        $words = str_replace('_', ' ', $level);

        return preg_match('/^([\d.-]+ (?:ft|oz|in|mph))( and deeper)?$/', $words, $m) === 1 ? Said::of("{{$m[1]}}".($m[2] ?? '')) : $words;
    }

    /** The contacts, each counted by its weight. */
    public function weight(): float
    {
        return $this->weight;
    }

    /** Contacts in which the fish took the lure. */
    public function strikes(): int
    {
        return $this->strikes;
    }

    /** @return list<array{int, Contact}> each contact with its cast, in order; one without a cast number is taken as at the last cast */
    public function contactsInOrder(): array
    {
        return $this->inOrder;
    }

    /** Casts made after the last contact, where the log tells; a contact without a cast number is taken as the last cast. */
    public function castsSinceContact(): int
    {
        return $this->casts - ($this->inOrder[count($this->inOrder) - 1][0] ?? 0);
    }
}
