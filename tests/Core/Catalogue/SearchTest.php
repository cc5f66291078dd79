<?php

declare(strict_types=1);

namespace Tests\Core\Catalogue;

use Nessmark\Atlas\Atlas;
use Nessmark\Atlas\AtlasQuery;
use Nessmark\Catalogue\NameIndex;
use Nessmark\Meat\FatClass;
use Nessmark\Meat\Group;
use Nessmark\Method\Method;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;

/** Any local name finds its cut, mistyped or not. */
final class SearchTest extends TestCase
{
    /** What is typed, and the slug that should come first. Written by hand before the search was tried on them. */
    private const QUERIES = [
        'rib eye' => 'beef-rib-eye-steak',
        'ribeye steack' => 'beef-rib-eye-steak',
        'scotch filet' => 'beef-rib-eye-steak',
        'cote de boeuf' => 'beef-rib-steak-bone-in',
        'flatiron' => 'beef-flat-iron-steak',
        'paleron' => 'beef-feather-blade',
        'fether blade' => 'beef-feather-blade',
        'hangar steak' => 'beef-hanging-tender',
        'onglet' => 'beef-hanging-tender',
        'nierenzapfen' => 'beef-hanging-tender',
        'hampe' => 'beef-outside-skirt',
        'entraña' => 'beef-outside-skirt',
        'bavette aloyau' => 'beef-flap',
        'flanc steak' => 'beef-flank-steak',
        'picanha' => 'beef-rump-cap',
        'tafelspiz' => 'beef-rump-cap',
        'tritip' => 'beef-tri-tip',
        'petit tender' => 'beef-shoulder-tender',
        'chuck tender' => 'beef-chuck-tender',
        'brisket point' => 'beef-brisket-point',
        'joue de boeuf' => 'beef-cheek',
        'ox tail' => 'beef-oxtail',
        'ossobuco' => 'veal-shank-slices',
        'wiener schnitzel kalbsschnitzel' => 'veal-escalope',
        'baby back rib' => 'pork-back-ribs',
        'boston but' => 'pork-shoulder-blade',
        'secreto iberico' => 'pork-secreto',
        'schweinshaxe' => 'pork-knuckle',
        'solomillo cerdo' => 'pork-tenderloin',
        'souris agneau' => 'lamb-hind-shank',
        'lammkarree' => 'lamb-rack',
        'gigot' => 'lamb-leg-bone-in',
        'rehruecken' => 'roe-saddle',
        'venison backstrap' => 'venison-backstrap',
        'pintade' => 'guinea-fowl-whole',
        'magret' => 'duck-breast',
        'chiken thigh' => 'chicken-thigh',
        'cabillaud' => 'cod-fillet',
        'salmon colar' => 'salmon-collar',
        'steinbutt' => 'turbot-whole',
        'noix de saint jacques' => 'scallops',
        'ris de veau' => 'sweetbreads',
    ];

    public function test_forty_queries_with_slips_and_foreign_names_find_their_cut_first(): void
    {
        $index = NameIndex::of(Counter::open()->catalogue->cuts());
        $missed = [];
        foreach (self::QUERIES as $query => $slug) {
            $first = ($index->find($query, 1)[0] ?? null)?->cut->slug;
            if ($first !== $slug) {
                $missed[] = "{$query}: {$first} instead of {$slug}";
            }
        }

        self::assertGreaterThanOrEqual(40, count(self::QUERIES));
        self::assertLessThanOrEqual(2, count($missed), implode("\n", $missed));
    }

    public function test_a_query_like_nothing_finds_nothing(): void
    {
        $index = NameIndex::of(Counter::open()->catalogue->cuts());

        self::assertSame([[], [], []], [$index->find('xylophone'), $index->find('   '), $index->find('!?')]);
    }

    public function test_every_cut_is_found_first_by_the_counters_own_name(): void
    {
        $index = NameIndex::of(Counter::open()->catalogue->cuts());
        $lost = [];
        foreach (Counter::open()->catalogue->cuts() as $cut) {
            if ($index->find($cut->name, 1)[0]->cut->slug !== $cut->slug) {
                $lost[] = "{$cut->name}: {$cut->slug}";
            }
        }

        self::assertSame([], $lost);
    }

    public function test_filters_narrow_what_is_found(): void
    {
        $atlas = new Atlas(Counter::open()->catalogue);
        $lean = $atlas->find(new AtlasQuery(group: Group::Game, fat: FatClass::Lean, method: Method::Grill));

        self::assertNotSame([], $lean);
        foreach ($lean as $hit) {
            self::assertSame(Group::Game, $hit->cut->group);
            self::assertLessThan(0.05, $hit->cut->fatFraction());
        }
        self::assertNotContains(
            'beef-rib-eye-steak',
            array_map(static fn ($hit): string => $hit->cut->slug, $atlas->find(new AtlasQuery('rib eye', Group::Game))),
        );
    }
}
