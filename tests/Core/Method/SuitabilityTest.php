<?php

declare(strict_types=1);

namespace Tests\Core\Method;

use Nessmark\Meat\Cut;
use Nessmark\Method\Fit;
use Nessmark\Method\Method;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** Which way of cooking suits which cut. Expectations: common practice at the counter, no source. */
final class SuitabilityTest extends TestCase
{
    #[TestWith(['beef-outside-skirt', Method::Grill, Fit::Good])]
    #[TestWith(['beef-hanging-tender', Method::Grill, Fit::Good])]
    #[TestWith(['beef-flank-steak', Method::Grill, Fit::Good])]
    #[TestWith(['beef-flat-iron-steak', Method::Pan, Fit::Good])]
    #[TestWith(['beef-feather-blade', Method::Braise, Fit::Good])]
    #[TestWith(['beef-feather-blade', Method::Pan, Fit::Poor])]
    #[TestWith(['beef-shoulder-tender', Method::Pan, Fit::Good])]
    #[TestWith(['beef-chuck-tender', Method::Pan, Fit::Poor])]
    #[TestWith(['beef-chuck-tender', Method::Braise, Fit::Good])]
    #[TestWith(['beef-cheek', Method::Braise, Fit::Good])]
    #[TestWith(['beef-cheek', Method::Grill, Fit::Poor])]
    #[TestWith(['beef-shin-slices', Method::Braise, Fit::Good])]
    #[TestWith(['beef-brisket-whole', Method::Smoke, Fit::Good])]
    #[TestWith(['beef-tenderloin', Method::Braise, Fit::Poor])]
    #[TestWith(['beef-tenderloin', Method::OvenRoast, Fit::Good])]
    #[TestWith(['beef-rib-eye-steak', Method::Braise, Fit::Poor])]
    #[TestWith(['beef-rump-cap', Method::Spit, Fit::Good])]
    #[TestWith(['beef-stir-fry-strips', Method::StirFry, Fit::Good])]
    #[TestWith(['lamb-hind-shank', Method::Parcel, Fit::Good])]
    #[TestWith(['lamb-rack', Method::OvenRoast, Fit::Good])]
    #[TestWith(['pork-belly', Method::Braise, Fit::Good])]
    #[TestWith(['pork-tenderloin', Method::Braise, Fit::Poor])]
    #[TestWith(['pork-spit-chunks', Method::Spit, Fit::Good])]
    #[TestWith(['venison-loin-steak', Method::Pan, Fit::Good])]
    #[TestWith(['venison-shank', Method::Pan, Fit::Poor])]
    #[TestWith(['duck-breast', Method::Pan, Fit::Good])]
    #[TestWith(['duck-leg', Method::Braise, Fit::Good])]
    #[TestWith(['chicken-breast', Method::Braise, Fit::Poor])]
    #[TestWith(['salmon-loin', Method::Pan, Fit::Good])]
    #[TestWith(['cod-loin', Method::Grill, Fit::Poor])]
    #[TestWith(['cod-loin', Method::Steam, Fit::Good])]
    #[TestWith(['mussels', Method::Steam, Fit::Good])]
    #[TestWith(['turbot-whole', Method::OvenRoast, Fit::Good])]
    public function test_a_cut_suits_what_the_counter_would_say(string $slug, Method $method, Fit $fit): void
    {
        $judged = Counter::open()->suitability->judge(Counter::open()->catalogue->cut($slug), $method);

        self::assertSame($fit, $judged->fit, json_encode($judged->toArray(true)) ?: '');
    }

    public function test_every_verdict_has_its_reason(): void
    {
        foreach (Counter::open()->catalogue->cuts() as $cut) {
            foreach (Counter::open()->suitability->all($cut) as $fit) {
                $why =
                    $fit->fit === Fit::Poor && $fit->reasons === [] && $fit->doubts === []
                        ? []
                        : [...$fit->reasons, ...$fit->doubts, $fit->exception];
                self::assertTrue($why !== [] || $fit->fit === Fit::Poor, "{$cut->slug} {$fit->method->value}");
            }
        }
    }

    public function test_every_cut_can_be_cooked_some_way(): void
    {
        $none = array_filter(
            Counter::open()->catalogue->cuts(),
            static fn (Cut $cut): bool => Counter::open()->suitability->all($cut)[0]->fit === Fit::Poor,
        );

        self::assertSame([], array_map(static fn (Cut $cut): string => $cut->slug, array_values($none)));
    }

    public function test_an_exception_is_one_and_not_what_the_rules_say_anyway(): void
    {
        $idle = [];
        foreach (Counter::open()->catalogue->cuts() as $cut) {
            $plain = Cut::fromRecord($cut->record->with('method_exceptions', []), Counter::open()->catalogue->muscles());
            foreach ($cut->record->records('method_exceptions') as $exception) {
                if (
                    Counter::open()->suitability->judge($plain, Method::from($exception->text('method')))->fit->value ===
                    $exception->text('fit')
                ) {
                    $idle[] = "{$cut->slug} {$exception->text('method')}";
                }
            }
        }

        self::assertSame([], $idle);
    }

    public function test_what_must_cook_long_is_never_offered_a_fast_fire(): void
    {
        $offered = Counter::open()->suitability->offered(Counter::open()->catalogue->cut('lamb-shoulder-bone-in'));

        self::assertEqualsCanonicalizing([Method::OvenRoast, Method::Braise, Method::Smoke], $offered);
    }
}
