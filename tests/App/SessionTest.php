<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Role;
use App\Services\SignIn;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

final class SessionTest extends AppTestCase
{
    private const FROM_THE_PAGE = ['Referer' => 'http://localhost/sign-in', 'Origin' => 'http://localhost'];

    public function test_the_right_password_signs_in_and_out(): void
    {
        $this->staff(Role::HeadButcher);

        $this->postJson('/api/v1/session', ['sign_in' => 'advisor', 'password' => 'long-enough-1'], self::FROM_THE_PAGE)
            ->assertOk()
            ->assertJsonPath('role', 'head_butcher')
            ->assertJsonPath('shop.safety_profile', 'us');
        $this->getJson('/api/v1/session', self::FROM_THE_PAGE)->assertOk();
        $this->deleteJson('/api/v1/session', [], self::FROM_THE_PAGE)->assertNoContent();
    }

    public function test_no_cookie_comes_along_from_another_site_s_link(): void
    {
        $this->staff(signIn: 'strict');
        $who = ['sign_in' => 'strict', 'password' => 'long-enough-1'];
        $reply = $this->postJson('/api/v1/session', $who, ['Referer' => 'http://localhost/']);
        $cookies = $reply->assertOk()->headers->getCookies();

        self::assertNotSame([], $cookies);
        foreach ($cookies as $cookie) {
            self::assertSame('strict', $cookie->getSameSite(), $cookie->getName());
        }
    }

    public function test_who_is_known_in_two_shops_is_whose_password_it_is_and_of_a_copy_the_older(): void
    {
        $older = $this->staff(signIn: 'bero');
        $other = $this->staff(shop: 'On the hill', signIn: 'bero');
        $other->update(['password' => 'another-one-22']);
        $copy = $this->staff(shop: 'Copy', signIn: 'bero');
        $signIn = $this->app->make(SignIn::class);

        self::assertTrue($signIn->who('bero', 'long-enough-1')?->is($older));
        self::assertTrue($signIn->who('bero', 'another-one-22')?->is($other));
        $copy->shop->update(['code' => 'copy']);
        self::assertTrue($signIn->who('bero@copy', 'long-enough-1')?->is($copy));
        self::assertNull($signIn->who('bero', 'none of theirs'));
    }

    public function test_a_wrong_password_is_refused_and_the_sixth_try_throttled(): void
    {
        $this->staff();
        for ($i = 0; $i < 5; $i++) {
            $this->postJson('/api/v1/session', ['sign_in' => 'advisor', 'password' => 'guess'], self::FROM_THE_PAGE)
                ->assertUnprocessable()
                ->assertJsonPath('violations.0.key', 'password');
        }

        $this->postJson('/api/v1/session', ['sign_in' => 'advisor', 'password' => 'long-enough-1'], self::FROM_THE_PAGE)
            ->assertTooManyRequests()
            ->assertJsonPath('reason', 'too_many');
    }

    public function test_a_change_without_the_pages_token_is_refused(): void
    {
        $this->staff();
        app()->bind(
            ValidateCsrfToken::class,
            static fn ($app): ValidateCsrfToken => new class($app, $app['encrypter']) extends ValidateCsrfToken
            {
                protected function runningUnitTests(): bool
                {
                    return false; // the framework switches the check off for tests; here it is what is tested
                }
            },
        );

        $this->postJson('/api/v1/session', ['sign_in' => 'advisor', 'password' => 'long-enough-1'], self::FROM_THE_PAGE)
            ->assertStatus(419)
            ->assertJsonPath('reason', 'session.expired');
    }

    public function test_another_origin_gets_no_session(): void
    {
        $this->staff();

        $this->postJson('/api/v1/session', ['sign_in' => 'advisor', 'password' => 'long-enough-1'], ['Origin' => 'http://elsewhere.test'])
            ->assertBadRequest()
            ->assertHeader('Content-Type', 'application/problem+json');
    }

    public function test_without_a_session_every_route_but_the_description_is_closed(): void
    {
        $routes = ['get session', 'get catalogue', 'post advice', 'post counter', 'get tickets', 'post tickets', 'get tickets/x'];
        foreach ($routes as $route) {
            [$verb, $path] = explode(' ', $route);
            $this->json($verb, "/api/v1/{$path}")
                ->assertUnauthorized()
                ->assertJsonPath('reason', 'session.none');
        }
        $this->getJson('/api/v1/openapi.json')->assertOk();
    }

    public function test_every_page_forbids_scripts_and_frames_from_elsewhere(): void
    {
        $policy = (string) $this->get('/counter')->assertOk()->headers->get('Content-Security-Policy');

        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringContainsString("frame-ancestors 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertMatchesRegularExpression("/style-src 'self' 'nonce-[A-Za-z0-9]{20,}'/", $policy);
    }

    public function test_a_password_is_stored_hashed(): void
    {
        self::assertStringStartsWith('$2y$', $this->staff()->password);
    }
}
