<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** What the program is, before anybody signs in. */
final class FirstLookTest extends TestCase
{
    public function test_the_sign_in_page_shows_a_water_that_lives_and_its_lures(): void
    {
        $this->get(route('sign-in'))->assertOk()->assertSee('role="slider"', false)->assertSee('class="strike"', false)->assertSee('/lures.svg#', false);
    }

    public function test_another_water_is_drawn_with_other_lures_and_nothing_is_kept(): void
    {
        $spring = $this->getJson(route('first-look'))->assertOk();
        $winter = $this->getJson(route('first-look').'?said[water.temp_f]=41&said[spot.cover][]=rock&said[spot.cover][]=stumps&said[weather.sky]=overcast')->assertOk();
        self::assertNotSame($spring->json('lures'), $winter->json('lures'));
        self::assertStringContainsString('Winter', $winter->json('lures'));
        self::assertStringContainsString('form stump', $winter->json('picture'));
        self::assertStringNotContainsString('form stump', $this->getJson(route('first-look'))->json('picture'));
        $this->getJson(route('first-look').'?said[spot.cover][]=none')->assertOk();
    }

    public function test_what_is_no_water_is_named(): void
    {
        $this->getJson(route('first-look').'?said[water.temp_f]=400')->assertStatus(422)->assertJsonPath('errors.0.path', 'water.temp_f');
        $this->getJson(route('first-look').'?said[user_id]=1')->assertStatus(422)->assertJsonPath('errors.0.path', 'user_id');
        $this->getJson(route('first-look').'?said[spot.cover][]=gold')->assertStatus(422);
        $this->getJson(route('first-look').'?said=x')->assertStatus(422);
    }
}
