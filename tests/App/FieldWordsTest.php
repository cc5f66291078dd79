<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;

/** What the server refuses of a form it names as the shop does: whatever rule there is, its field has a word. */
final class FieldWordsTest extends AppTestCase
{
    public function test_every_field_of_every_form_has_a_word_of_the_shop(): void
    {
        $words = (array) trans('validation.attributes');
        $raw = [];
        $user = $this->staff(Role::HeadButcher);
        $files = glob(app_path('Http/Requests/*.php')) ?: [];
        self::assertGreaterThan(15, count($files));
        foreach ($files as $file) {
            /** @var class-string<FormRequest> $class */
            $class = 'App\\Http\\Requests\\'.basename($file, '.php');
            $request = $class::createFrom(Request::create('/', 'POST'));
            $request->setUserResolver(static fn () => $user);
            $request->setRouteResolver(static fn () => (new Route(['POST'], '/', []))->bind($request));
            foreach (method_exists($request, 'rules') ? array_keys($request->rules()) : [] as $key) {
                $raw = isset($words[$key]) ? $raw : [...$raw, basename($file, '.php').": {$key}"];
            }
        }

        self::assertSame([], $raw);
    }

    public function test_a_refusal_says_no_key(): void
    {
        $this->actingAs($this->staff(Role::HeadButcher));
        $reply = $this->postJson('/api/v1/tickets', [
            'units' => 'furlongs', 'dishes' => [['ask' => [], 'cautions_read' => 'x', 'sold_g' => -1]],
        ])->assertUnprocessable();

        $said = implode(' ', array_column($reply->json('violations'), 'message'));
        self::assertStringContainsString('the weight', $said);
        self::assertDoesNotMatchRegularExpression('/dishes\.|[a-z]_[a-z]/', $said);
    }
}
