<?php

declare(strict_types=1);

namespace OldEddy\Contract;

use OldEddy\Basics\Problem\InvalidInput;
use OldEddy\Basics\Said;
use OldEddy\Plan\Plan;
use OldEddy\Plan\Planner;

/**
 * Which inputs made a rule speak: each input is taken away in turn, and where the rule then says something else, the
 * input had a part in it. Found by computation, so it can never disagree with the rules.
 */
final class FiredBy
{
    /**
     * What a rule says of a day and why.
     *
     * @param  array<string, mixed>  $conditions  as in the contract of the plan
     */
    public static function rule(string $id, array $conditions): Firing
    {
        $said = self::sayings($id, Planner::plan(ConditionsReader::read($conditions)));
        $inputs = [];
        foreach ($said === [] ? [] : self::paths($conditions) as $path) {
            try {
                $without = ConditionsReader::read(self::without($conditions, explode('.', $path)));
            } catch (InvalidInput) {
                // Without this the day cannot be read at all, so nothing can be learned from taking it away.
                continue;
            }
            if (array_map(strval(...), self::sayings($id, Planner::plan($without))) !== array_map(strval(...), $said)) {
                $inputs[] = $path;
            }
        }

        return new Firing($said, $inputs);
    }

    /** @return list<string|Said> */
    private static function sayings(string $id, Plan $plan): array
    {
        $said = $id === 'STAGES' ? [$plan->reading->stage->why] : [];
        foreach ($plan->reading->findings() as $finding) {
            if ($finding->id === $id) {
                $said[] = $finding->text;
            }
        }
        foreach ($plan->reading->mood->parts as $part) {
            if ($id === 'F12') {
                $said[] = $part->text;
            }
        }
        foreach ($plan->lineup as $entry) {
            $name = ucfirst($entry->lure->name()).': ';
            foreach ($entry->effects() as $effect) {
                if ($effect->ruleId === $id) {
                    $said[] = Said::joined($name, Said::small($effect->text));
                }
            }
            foreach ($entry->colors() as $color) {
                if ($color->ruleId === $id) {
                    $said[] = "{$name}{$color->name}. {$color->why}";
                }
            }
            if ($entry->setup()->cadence->ruleId === $id) {
                $said[] = Said::joined($name, Said::small($entry->setup()->cadence->text));
            }
        }
        foreach ($plan->ruledOut as $out) {
            if ($out->ruleId === $id) {
                $said[] = Said::joined(ucfirst(str_replace('_', ' ', $out->lure)).' is out: ', Said::small($out->why));
            }
        }

        return $said;
    }

    /**
     * @param  array<array-key, mixed>  $conditions
     * @return list<string>
     */
    private static function paths(array $conditions, string $prefix = ''): array
    {
        $paths = [];
        foreach ($conditions as $key => $value) {
            if ($value === null || $value === [] || $key === 'sections') {
                continue;
            }
            if (is_array($value) && ! array_is_list($value)) {
                array_push($paths, ...self::paths($value, "{$prefix}{$key}."));
            } else {
                $paths[] = $prefix.$key;
            }
        }

        return $paths;
    }

    /**
     * @param  array<array-key, mixed>  $conditions
     * @param  non-empty-list<string>  $keys
     * @return array<array-key, mixed>
     */
    private static function without(array $conditions, array $keys): array
    {
        $key = array_shift($keys);
        if ($keys === []) {
            unset($conditions[$key]);
        } else {
            $conditions[$key] = self::without($conditions[$key], $keys);
        }

        return $conditions;
    }
}
