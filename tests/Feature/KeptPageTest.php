<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Session\NullSessionHandler;

final class KeptPageTest extends WaterTestCase
{
    /** A page fetched for the device's store leaves the session as it is: neither used up nor overwritten. */
    public function test_a_page_fetched_to_be_kept_does_not_use_up_what_was_to_be_said(): void
    {
        $this->actingAs($wren = $this->angler());
        $trip = $this->trip($wren);
        $this->withSession(['said' => 'Rigged.', '_flash' => ['old' => [], 'new' => ['said']]]);
        $this->get(route('confirm', $trip), ['X-Keeps-Page' => '1'])->assertOk()->assertDontSee('Rigged.');
        self::assertInstanceOf(NullSessionHandler::class, $this->app['session']->driver()->getHandler(), 'nothing is written');
    }

    /** A late answer to the device must not sign somebody in again who left, nor spoil the sign-in of the next. */
    public function test_a_page_fetched_to_be_kept_sets_no_cookie(): void
    {
        $this->actingAs($wren = $this->angler()->refresh());
        $trip = $this->trip($wren);
        self::assertNotSame([], $this->get(route('confirm', $trip))->assertOk()->headers->getCookies());
        self::assertSame([], $this->get(route('confirm', $trip), ['X-Keeps-Page' => '1'])->assertOk()->headers->getCookies());
        $this->post(route('sign-out'));
        self::assertSame([], $this->get(route('confirm', $trip), ['X-Keeps-Page' => '1'])->assertUnauthorized()->headers->getCookies());
    }

    /** The ribbon of the deck, what is worth asking, the years before: they come when they come, and nobody goes to them. */
    public function test_a_part_of_a_page_uses_nothing_up_and_is_not_where_a_sign_in_leads(): void
    {
        $this->actingAs($wren = $this->angler()->refresh());
        $trip = $this->trip($wren);
        $part = ['X-Requested-With' => 'XMLHttpRequest'];
        $store = $this->app['session']->driver();
        $written = $store->getHandler();
        $this->withSession(['said' => 'Rigged.', '_flash' => ['old' => [], 'new' => ['said']]]);
        self::assertSame([], $this->get(route('ribbon', $trip), $part)->assertOk()->headers->getCookies());
        self::assertInstanceOf(NullSessionHandler::class, $store->getHandler(), 'nothing is written');
        $store->setHandler($written);
        $this->post(route('sign-out'));
        foreach ([$part, ['X-Keeps-Page' => '1']] as $behind) {
            self::assertSame([], $this->get(route('ribbon', $trip), $behind)->assertUnauthorized()->headers->getCookies());
            self::assertNull(session('url.intended'));
        }
        $this->get(route('confirm', $trip))->assertRedirect(route('sign-in'));
        self::assertSame(route('confirm', $trip), session('url.intended'), 'a page that was gone to is');
    }

    public function test_the_service_worker_names_the_assets_of_this_build_and_stays_fresh(): void
    {
        $answer = $this->get('/service-worker.js')->assertOk();
        self::assertStringContainsString('javascript', (string) $answer->headers->get('Content-Type'));
        self::assertStringContainsString('no-cache', (string) $answer->headers->get('Cache-Control'));
        self::assertMatchesRegularExpression('/^const ASSETS = \\["\\/icon\\.svg"/', (string) $answer->getContent());
    }
}
