<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Contact;
use App\Models\Stint;
use Illuminate\Support\Collection;
use OldEddy\Pictures\Slice\BiteMark;
use OldEddy\Pictures\Slice\Scene;

/** The bites of a day as they are drawn into its slice: those at one depth of one stint together. */
final class Bites
{
    /**
     * @param  Collection<int, Stint>  $stints  with their contacts
     * @return list<BiteMark>
     */
    public static function in(Scene $scene, Collection $stints): array
    {
        $marks = [];
        foreach ($stints as $stint) {
            foreach ($stint->contacts->groupBy(static fn (Contact $c): string => (string) ($c->depth_ft ?? $stint->depth_ft)) as $together) {
                /** @var non-empty-list<string> $at */
                $at = array_values($together->map(static fn (Contact $c): string => $c->at->format('H:i'))->countBy()->map(
                    static fn (int $n, string $at): string => $n > 1 ? "{$at} ×{$n}" : $at,
                )->all());
                $marks[] = BiteMark::in($scene, $together->firstOrFail()->depth_ft ?? $stint->depth_ft, $stint->water_depth_ft, $at);
            }
        }

        return array_values(array_filter($marks));
    }
}
