<?php

declare(strict_types=1);

namespace Tests\Core;

use Illuminate\Support\Arr;
use OldEddy\Contract\PlanContract;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** More days of the trade, with what an experienced angler says of a plan for each in a sentence. Common practice, no published source. */
final class HeldDaysTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $day
     * @param  list<array{holds: string, beside?: array<string, mixed>}>  $expected
     */
    #[DataProvider('days')]
    public function test_what_an_angler_says_holds(array $day, array $expected): void
    {
        $plan = self::plan($day);
        $against = [];
        foreach ($expected as $one) {
            $other = null;
            if (isset($one['beside'])) {
                $changed = $day;
                foreach ($one['beside'] as $path => $value) {
                    Arr::set($changed, $path, $value);
                }
                $other = self::plan($changed);
            }
            $against[] = (new HeldWords($plan, $other))->against($one['holds']);
        }
        self::assertSame([], array_values(array_filter($against)));
    }

    /** @return iterable<string, array{array<string, mixed>, list<array<string, mixed>>}> */
    public static function days(): iterable
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/references/worked-days-2.json'), true, flags: JSON_THROW_ON_ERROR) as $one) {
            yield $one['name'] => [$one['day'], $one['expect']];
        }
    }

    /**
     * @param  array<string, mixed>  $day
     * @return array<string, mixed>
     */
    private static function plan(array $day): array
    {
        return json_decode(json_encode(PlanContract::answer($day), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
    }
}
