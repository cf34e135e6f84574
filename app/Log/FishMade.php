<?php

declare(strict_types=1);

namespace App\Log;

use DateTimeImmutable;
use OldEddy\Basics\Units\Length;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Day\Season\Species;
use OldEddy\Log\Evidence\ContactKind;
use OldEddy\Log\Evidence\LostBy;
use OldEddy\Log\Fish\StandardWeight;
use OldEddy\Log\Fish\WeighedBy;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The fish of a made day: measured, one in three weighed by a scale, in better shape before the spawn than after; big lures take bigger ones,
 * and one lure loses more of them than the others.
 */
final class FishMade
{
    private const USUAL_IN = 13.0;

    private const SPREAD_IN = 1.1;

    private const LOST = 0.35;

    private readonly Randomizer $luck;

    private readonly Species $species;

    /** Relative weight to be expected: it stands highest in early spring. */
    private readonly float $shape;

    /**
     * @param  array<string, mixed>  $conditions
     * @param  ?string  $loses  the lure that loses fish, which others would have landed, once in three
     */
    public function __construct(int $seed, array $conditions, private readonly ?string $loses = null)
    {
        $this->luck = new Randomizer(new Mt19937($seed));
        $this->species = Species::from($conditions['species']);
        $this->shape = 96 + 7 * cos(2 * M_PI * ((int) (new DateTimeImmutable($conditions['date']))->format('z') - 80) / 365);
    }

    /** @return array<string, mixed> what is logged of a contact; the same columns for every kind */
    public function of(ContactKind $kind, string $lure): array
    {
        $none = ['kind' => $kind->value, 'length_in' => null, 'weight_lb' => null, 'weighed_by' => null, 'lost_by' => null];
        if ($kind === ContactKind::Lost || ($kind === ContactKind::Caught && $lure === $this->loses && $this->even() < self::LOST)) {
            return ['kind' => ContactKind::Lost->value, 'lost_by' => LostBy::keys()[$this->luck->getInt(0, count(LostBy::keys()) - 1)]] + $none;
        }
        if ($kind !== ContactKind::Caught) {
            return $none;
        }
        $lengths = Catalog::get($lure)->rigging->lengthsIn;
        // The sum of four even numbers is nearly normal.
        $luck = array_sum(array_map(fn (): float => $this->even() - 0.5, range(1, 4)));
        $inches = max(8.0, round(4 * (self::USUAL_IN + 0.35 * array_sum($lengths) / count($lengths) + 2 * self::SPREAD_IN * $luck)) / 4);
        $standard = StandardWeight::of($this->species, Length::fromInches($inches));
        if ($standard === null || $this->even() > 1 / 3) {
            return ['length_in' => $inches] + $none;
        }

        return ['length_in' => $inches, 'weight_lb' => round($standard->pounds() * ($this->shape + 10 * ($this->even() - 0.5)) / 100, 2), 'weighed_by' => WeighedBy::Scale->value] + $none;
    }

    private function even(): float
    {
        return $this->luck->getInt(0, 9999) / 9999;
    }
}
