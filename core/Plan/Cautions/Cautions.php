<?php

declare(strict_types=1);

namespace OldEddy\Plan\Cautions;

use OldEddy\Basics\Said;
use OldEddy\Choice\Lures\Catalog;
use OldEddy\Choice\Lures\Job;
use OldEddy\Reading\Reading;

/** The cautions that apply today. The rows stand in cautions.php. */
final class Cautions
{
    /**
     * @param  list<string>  $lures  keys of the lures to be rigged
     * @return list<Caution>
     */
    public static function of(Reading $reading, array $lures): array
    {
        $found = [];
        foreach (require __DIR__.'/cautions.php' as $id => [$when, $text]) {
            if ($when($reading)) {
                $found[] = new Caution($id, Said::of($text));
            }
        }
        foreach (array_intersect(array_keys(Catalog::doing(Job::SeveralLures)), $lures) as $key) {
            $found[] = new Caution($key, 'Rigs with several lures are not legal everywhere: check the local authority.');
        }

        return $found;
    }
}
