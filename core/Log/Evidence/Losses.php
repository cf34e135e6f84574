<?php

declare(strict_types=1);

namespace OldEddy\Log\Evidence;

/** Fish struck and landed with one lure, and those lost by cause: hook, drag, rod and the moment of the strike (rule M20). */
final readonly class Losses
{
    /** @param  array<string, int>  $by  fish lost, by cause; "unsaid" where nobody said */
    private function __construct(public string $lure, public int $struck, public int $landed, public array $by)
    {
    }

    /**
     * By lure, the most struck first; a lure that struck nothing is not among them.
     *
     * @param  list<Stint>  $stints
     * @return list<self>
     */
    public static function byLure(array $stints): array
    {
        $counts = [];
        foreach ($stints as $stint) {
            $lure = $stint->levels['lure'] ?? null;
            foreach ($lure === null ? [] : $stint->contacts as $contact) {
                if ($contact->kind->isStrike()) {
                    $counts[$lure] ??= ['struck' => 0, 'landed' => 0, 'by' => []];
                    $counts[$lure]['struck']++;
                    $counts[$lure]['landed'] += $contact->kind === ContactKind::Caught ? 1 : 0;
                    if ($contact->kind === ContactKind::Lost) {
                        $cause = $contact->lostBy->value ?? 'unsaid';
                        $counts[$lure]['by'][$cause] = ($counts[$lure]['by'][$cause] ?? 0) + 1;
                    }
                }
            }
        }
        uasort($counts, static fn (array $a, array $b): int => $b['struck'] <=> $a['struck']);

        return array_map(static fn (string $lure, array $c): self => new self($lure, $c['struck'], $c['landed'], $c['by']), array_keys($counts), $counts);
    }

    /** Whether teeth have taken a lure: then a bite-proof trace is asked about (rule D13). */
    public function wasBittenOff(): bool
    {
        return ($this->by[LostBy::Bitten->value] ?? 0) > 0;
    }
}
