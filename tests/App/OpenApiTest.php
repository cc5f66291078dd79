<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Lot;
use App\Models\Role;
use App\OpenApi\Description;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** The description of the API is the API. */
final class OpenApiTest extends AppTestCase
{
    public function test_the_checked_in_description_is_what_the_code_says(): void
    {
        self::assertSame(
            Description::json(),
            file_get_contents(base_path('openapi.json')),
            'run php artisan nessmark:openapi, then npm run types',
        );
    }

    public function test_real_replies_follow_their_schemas(): void
    {
        $this->actingAs($head = $this->staff(Role::HeadButcher));
        $lot = Lot::query()->create([
            'shop_id' => $head->shop_id,
            'number' => 'L1',
            'cut_slug' => 'lamb-rump',
            'grade' => 'eu_fat:3',
            'thickness_mm' => 45,
            'left_g' => 2000,
            'price_per_kg_minor' => 2600,
            'packed' => 'wet',
            'origin' => '',
        ]);
        $whole = Lot::query()->create([
            'shop_id' => $head->shop_id,
            'number' => 'W1',
            'cut_slug' => 'beef-strip-steak',
            'left_g' => 4200,
            'price_per_kg_minor' => 3800,
            'packed' => 'wet',
            'origin' => '',
        ]);
        $this->postJson("/api/v1/case/lots/{$lot->id}/moves", ['kind' => 'weighed_out', 'grams' => 10]);
        $this->postJson('/api/v1/customers', ['name' => 'Runa', 'fires' => ['oven' => 'fan']]);
        $kept = $this->postJson('/api/v1/tickets', self::newTicket());
        $replies = [
            'Catalogue' => $this->getJson('/api/v1/catalogue'),
            'CutList' => $this->getJson('/api/v1/cuts?find=sirloin'),
            'CutPage' => $this->getJson('/api/v1/cuts/beef-tenderloin'),
            'SubstituteList' => $this->getJson('/api/v1/cuts/beef-cheek/substitutes?method=braise'),
            'Comparison' => $this->getJson('/api/v1/compare?cuts=beef-flap,tripe'),
            'GradeScales' => $this->getJson('/api/v1/grades'),
            'GradeReading' => $this->getJson('/api/v1/grades/canada/AAA?cut=beef-rib-eye-steak'),
            'SeasoningShelf' => $this->getJson('/api/v1/seasonings'),
            'Seasoning' => $this->getJson('/api/v1/seasonings/rub-dune'),
            'Session' => $this->getJson('/api/v1/session'),
            'Advice' => $this->postJson('/api/v1/advice', self::RUMP),
            'Advice of a braise' => $this->postJson('/api/v1/advice', [
                'cut' => 'beef-cheek',
                'thickness_mm' => 50,
                'method' => 'braise',
                'diners' => [['count' => 2]],
            ]),
            'Case' => $this->getJson('/api/v1/case'),
            'LotMoves' => $this->getJson("/api/v1/case/lots/{$lot->id}/moves"),
            'CaseImported' => $this->postJson('/api/v1/case/import', ['lots' => [[]]]),
            'LineRead' => $this->postJson('/api/v1/ask-line', ['line' => '4 lamb rump mr no mustrd foo, one pregnant']),
            'Matches' => $this->postJson('/api/v1/matches', [
                'diners' => [['count' => 2, 'avoid' => ['mustard']], ['count' => 1, 'at_risk' => true]],
                'budget' => 30,
            ]),
            'Matches of nothing' => $this->postJson('/api/v1/matches', ['diners' => [['count' => 2]], 'budget' => 1]),
            'Matches instead' => $this->postJson('/api/v1/matches', ['diners' => [['count' => 2]], 'named' => 'lamb loin chop']),
            'WhyNot' => $this->postJson('/api/v1/why-not', ['wish' => ['diners' => [['count' => 2]]], 'cut' => 'lamb-rump']),
            'Advice of pieces apart' => $this->postJson('/api/v1/advice', [
                ...self::RUMP,
                'lot' => 'L1',
                'diners' => [['count' => 2, 'doneness' => 'medium_rare'], ['count' => 1, 'doneness' => 'well', 'avoid' => ['mustard']]],
            ]),
            'House' => $this->getJson('/api/v1/house'),
            'SchoolDifferences' => $this->postJson('/api/v1/schools/turning/difference'),
            'StaffList' => $this->getJson('/api/v1/staff'),
            'CustomerList' => $this->getJson('/api/v1/customers'),
            'PriceOf' => $this->getJson('/api/v1/price?cost_per_kg=10&margin_pct=30'),
            'StoredTicket' => $this->getJson('/api/v1/tickets/'.$kept->json('id')),
            'TicketList' => $this->getJson('/api/v1/tickets'),
            'Bench' => $this->getJson('/api/v1/bench'),
            'BenchWork' => $this->postJson('/api/v1/bench', ['ask' => self::RUMP]),
            'ScaleReading' => $this->getJson('/api/v1/scale'),
            'CutPlan' => $this->postJson('/api/v1/cut-plan', ['lot' => 'W1', 'goal' => 'even_weight']),
            'CutPlan between ribs' => $this->postJson('/api/v1/cut-plan', [
                'lot' => 'W1',
                'ribs' => 5,
                'least_mm' => 20,
                'most_mm' => 200,
            ]),
            'CutPlan of orders' => $this->postJson('/api/v1/cut-plan', [
                'lot' => 'W1',
                'goal' => 'orders',
                'orders' => [['pieces' => 2, 'thickness_mm' => 30], ['pieces' => 1, 'each_g' => 90_000]],
            ]),
            'Offers' => $this->postJson('/api/v1/true-price', [
                'offers' => [['lot' => 'W1'], ['price_per_kg' => 20]],
                'margin_pct' => 30,
            ]),
            'HowThick' => $this->postJson('/api/v1/how-thick', [
                'cut' => 'beef-strip-steak',
                'method' => 'grill',
                'diners' => [['count' => 1]],
            ]),
            'Making' => $this->postJson('/api/v1/makings', [
                'from' => [['lot' => 'W1', 'g' => 500]],
                'to' => [['number' => 'W2', 'cut' => 'beef-strip-steak', 'weight_g' => 490, 'price_per_kg' => 40]],
                'loss_g' => 10,
            ]),
            'SideList' => $this->getJson('/api/v1/sides'),
            'Clock' => $this->postJson('/api/v1/clock', self::clock('2031-03-04T19:30:00+01:00')),
            'Clock that cannot be' => $this->postJson('/api/v1/clock', self::clock('2031-03-04T17:20:00+01:00')),
            'LotTrace' => $this->getJson("/api/v1/case/lots/{$whole->id}/trace"),
            'Mince' => $this->postJson('/api/v1/mince', [
                'lots' => [['lot' => 'W1']],
                'pieces' => 4,
                'each_g' => 150,
                'fat_pct' => 15,
                'spare_pct' => 15,
                'form' => 'sausages',
            ]),
            'Problem' => $this->postJson('/api/v1/advice', ['cut' => 3]),
        ];
        $wrong = [];
        foreach ($replies as $schema => $reply) {
            $error = $this->validator()
                ->validate(
                    json_decode((string) $reply->getContent()),
                    'https://nessmark.test/openapi.json#/components/schemas/'.explode(' ', $schema)[0],
                )
                ->error();
            if ($error !== null) {
                $wrong[$schema] = (new ErrorFormatter())->format($error);
            }
        }

        self::assertSame([], $wrong);
    }

    /** @return array<string, mixed> */
    private static function clock(string $eatAt): array
    {
        return ['asks' => [self::RUMP], 'sides' => ['fries', 'green-salad'], 'now' => '2031-03-04T17:00:00+01:00', 'eat_at' => $eatAt];
    }

    private function validator(): Validator
    {
        $validator = new Validator();
        $description = json_decode((string) file_get_contents(base_path('openapi.json')));
        $description->{'$id'} = 'https://nessmark.test/openapi.json';
        $validator->resolver()?->registerRaw($description);

        return $validator;
    }
}
