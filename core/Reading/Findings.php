<?php

declare(strict_types=1);

namespace OldEddy\Reading;

/** What the rules say of a reading, in words. The rows stand in findings.php. */
final class Findings
{
    /** Findings in which a school may have spoken: rule => school key. */
    private const SCHOOL_OF = ['W6' => 'cold_mud', 'S20' => 'shade_from_f', 'S3' => 'tempo'];

    /** @return list<Finding> one a rule that has something to say, in the order of findings.php */
    public static function of(Reading $reading): array
    {
        static $rows = null;
        $rows ??= require __DIR__.'/findings.php';
        $findings = [];
        foreach ($rows as $id => $say) {
            $text = $say($reading);
            if ($text !== null) {
                $findings[$id] = new Finding($id, $text, self::school($reading, $id));
            }
        }

        return array_values(self::ofOneVoice($findings, $reading));
    }

    /**
     * F25: of each subject the finding that stands highest is right, and what points another way is not said.
     *
     * @param  array<string, Finding>  $findings  by rule
     * @return array<string, Finding>
     */
    private static function ofOneVoice(array $findings, Reading $reading): array
    {
        static $subjects = null;
        $subjects ??= require __DIR__.'/subjects.php';
        foreach ($subjects as $order) {
            $right = null;
            foreach (array_intersect_key($order, $findings) as $id => $pointing) {
                $way = $pointing($reading);
                $right ??= $way;
                if ($way !== null && $way !== $right) {
                    unset($findings[$id]);
                }
            }
        }

        return $findings;
    }

    private static function school(Reading $reading, string $id): ?string
    {
        $key = self::SCHOOL_OF[$id] ?? null;
        if ($key === null) {
            return null;
        }
        $default = ['cold_mud' => 'leave', 'shade_from_f' => '55', 'tempo' => 'search_then_slow'][$key];
        if ($id === 'W6' && ! $reading->day->inflow->isColdMud()) {
            return null;
        }

        return "{$key}: ".($reading->day->schools->chosen($key) ?? $default);
    }
}
