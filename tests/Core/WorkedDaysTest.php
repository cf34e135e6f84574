<?php

declare(strict_types=1);

namespace Tests\Core;

use OldEddy\Contract\PlanContract;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Days whose water and outcome are known, and what an experienced angler expects of a plan for them. Common practice, no published source. */
final class WorkedDaysTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $day
     * @param  list<array<string, mixed>>  $expected
     */
    #[DataProvider('days')]
    public function test_an_expert_agrees_with_the_plan(array $day, array $expected): void
    {
        $plan = json_decode(json_encode(PlanContract::answer($day), JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
        $missed = [];
        foreach ($expected as $one) {
            $missed[] = (new Expectation($one, $plan))->missed();
        }
        self::assertSame([], array_values(array_filter($missed)));
    }

    /** @return iterable<string, array{array<string, mixed>, list<array<string, mixed>>}> */
    public static function days(): iterable
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/references/worked-days.json'), true, flags: JSON_THROW_ON_ERROR) as $one) {
            yield $one['name'] => [$one['day'], $one['expect']];
        }
    }
}
