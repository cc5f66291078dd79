<?php

declare(strict_types=1);

namespace Tests\App;

use App\OpenApi\Description;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** The description of the API is the API. */
final class OpenApiTest extends AppTestCase
{
    public function test_the_checked_in_description_is_what_the_code_says(): void
    {
        self::assertSame(Description::json(), file_get_contents(base_path('openapi.json')), 'run php artisan nessmark:openapi, then npm run types');
    }

    public function test_real_replies_follow_their_schemas(): void
    {
        $this->actingAs($this->staff());
        $kept = $this->postJson('/api/v1/tickets', self::newTicket());
        $replies = [
            'Catalogue' => $this->getJson('/api/v1/catalogue'),
            'CutList' => $this->getJson('/api/v1/cuts?find=sirloin'),
            'CutPage' => $this->getJson('/api/v1/cuts/beef-tenderloin'),
            'SubstituteList' => $this->getJson('/api/v1/cuts/beef-cheek/substitutes?method=braise'),
            'Comparison' => $this->getJson('/api/v1/compare?cuts=beef-flap,tripe'),
            'GradeScales' => $this->getJson('/api/v1/grades'),
            'GradeReading' => $this->getJson('/api/v1/grades/canada/AAA?cut=beef-rib-eye-steak'),
            'Session' => $this->getJson('/api/v1/session'),
            'Advice' => $this->postJson('/api/v1/advice', self::RUMP),
            'Advice of a braise' => $this->postJson('/api/v1/advice', ['cut' => 'beef-cheek', 'thickness_mm' => 50, 'method' => 'braise', 'diners' => [['count' => 2]]]),
            'StoredTicket' => $this->getJson('/api/v1/tickets/'.$kept->json('id')),
            'TicketList' => $this->getJson('/api/v1/tickets'),
            'Problem' => $this->postJson('/api/v1/advice', ['cut' => 3]),
        ];
        $wrong = [];
        foreach ($replies as $schema => $reply) {
            $error = $this->validator()->validate(json_decode((string) $reply->getContent()), 'https://nessmark.test/openapi.json#/components/schemas/'.explode(' ', $schema)[0])->error();
            if ($error !== null) {
                $wrong[$schema] = (new ErrorFormatter)->format($error);
            }
        }

        self::assertSame([], $wrong);
    }

    private function validator(): Validator
    {
        $validator = new Validator;
        $description = json_decode((string) file_get_contents(base_path('openapi.json')));
        $description->{'$id'} = 'https://nessmark.test/openapi.json';
        $validator->resolver()?->registerRaw($description);

        return $validator;
    }
}
