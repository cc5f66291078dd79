<?php

declare(strict_types=1);

namespace Tests\Browser;

use Nessmark\Contract\CutCsv;
use Tests\Browser\Support\AtlasPage;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\JourneyCase;
use Tests\Support\Counter;

/** The atlas as it is used: a real browser, the real server, a real database. */
final class AtlasJourneyTest extends JourneyCase
{
    public function test_a_cut_is_found_by_a_mistyped_foreign_name_and_read(): void
    {
        $atlas = $this->atlas()->find('oglet', 'Hanging tender');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
        $atlas->click('[data-testid="cuts-found"] a');

        $page = $atlas->reads('[data-testid="cut-page"]', 'Diaphragm');
        foreach (['Two plump lobes', 'Outside skirt', 'onglet', 'IMPS/NAMP 140', 'Local food code'] as $words) {
            self::assertStringContainsString($words, $page);
        }
        $atlas->reads('[data-testid="substitutes"]', 'Flap');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }

    public function test_a_phone_draws_the_cuts_a_page_at_a_time_and_looks_among_them_all(): void
    {
        $this->chromium->viewport(390, 844);
        $atlas = $this->atlas();
        $first = $atlas->reads('[data-testid="cuts-found"]', 'steak');
        self::assertSame(25, $atlas->count('[data-testid="cuts-found"] tr'), 'all of them at once hold a phone up for seconds');
        $atlas->click('.p-paginator-next');
        $this->waits(static fn (): bool => $atlas->reads('[data-testid="cuts-found"]', '') !== $first);
        $atlas->find('oglet', 'Hanging tender');
    }

    public function test_a_name_that_means_two_cuts_asks_the_question(): void
    {
        $note = $this->atlas()->find('mock tender', 'Chuck tender')->reads('[data-testid="ambiguous"]', 'different cuts');

        self::assertStringContainsString('?', $note);
        self::assertStringContainsString('Shoulder tender', $note);
    }

    public function test_cuts_are_laid_side_by_side_with_what_differs_marked(): void
    {
        $atlas = $this->atlas()->find('mock tender', 'Chuck tender');
        $atlas
            ->click('[data-testid="compare-beef-chuck-tender"]')
            ->click('[data-testid="compare-beef-shoulder-tender"]')
            ->click('[data-testid="compare"]');
        $table = $atlas->reads('[data-testid="compared"]', 'Supraspinatus');

        self::assertStringContainsString('Teres major', $table);
        self::assertGreaterThan(5, $atlas->count('[data-testid="compared"] .differs'));
        self::assertGreaterThan(0, $atlas->count('[data-testid="compared"] tbody tr:not(.differs)'));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }

    public function test_a_dot_on_the_map_opens_its_cut(): void
    {
        $atlas = $this->atlas('bero', 'bonesaw-31')->goTo('/atlas?group=veal&view=map');
        $atlas->click('[data-slug="veal-cheek"]');

        self::assertStringContainsString('Masseter', $atlas->reads('[data-testid="cut-page"]', 'Veal cheek'));
    }

    public function test_the_map_of_all_cuts_is_accessible(): void
    {
        $atlas = $this->atlas('bero', 'bonesaw-31')->goTo('/atlas?view=map');
        $count = (int) $atlas->reads('[data-testid="count"]', 'cuts');

        self::assertGreaterThan(200, $count);
        self::assertSame($count, $atlas->count('[data-testid="map"] [data-slug]'));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));
    }

    public function test_an_impossible_grade_is_refused_and_a_real_one_read(): void
    {
        $atlas = $this->atlas('bero', 'bonesaw-31')->goTo('/atlas/cut/beef-rib-eye-steak');
        $atlas->select('grade-scale', 'Japanese marbling number')->fill('[data-testid="grade-value"]', '15');
        $atlas->reads('[data-testid="cut-page"]', 'Allowed: Japanese marbling number (BMS): 1 to 12');
        $atlas->select('grade-scale', 'Canadian')->select('grade-value', 'AAA');

        self::assertStringContainsString('Choice', $atlas->reads('[data-testid="grade-reading"]', 'fat inside the muscle'));
    }

    public function test_a_file_with_a_bad_row_is_refused_row_by_row_and_a_good_one_taken(): void
    {
        $row = array_combine(CutCsv::header(), CutCsv::row(Counter::open()->catalogue->cut('beef-ranch-steak')->record->toArray()));
        $good = [...$row, 'slug' => 'pier-steak', 'name' => 'Pier steak', 'names' => 'uk: pier steak', 'item_numbers' => '[]'];
        $csv = static fn (array ...$rows): string => \App\Services\Csv::write(CutCsv::header(), array_map(array_values(...), $rows));
        $atlas = $this->atlas('ysolde', 'coldroom-88')->goTo('/atlas/shop');

        $atlas->upload('import', 'bad.csv', $csv($good, [...$good, 'slug' => 'bad-steak', 'thickness_max_mm' => 'thick']));
        self::assertStringContainsString('row 3.thickness_mm.max', $atlas->reads('[data-testid="import-refused"]', 'was not taken'));
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $atlas->upload('import', 'good.csv', $csv($good))->reads('[data-testid="imported"]', 'good.csv is taken');
        $atlas->goTo('/atlas')->find('pier', 'Pier steak');
    }

    public function test_a_head_butcher_adds_a_cut_and_a_name_and_hides_another(): void
    {
        $atlas = $this->atlas('ysolde', 'coldroom-88')->goTo('/atlas/cut/beef-denver-steak');
        $atlas
            ->click('[data-testid="add-like"]')
            ->fill('[data-testid="own-name"]', 'Lighthouse steak')
            ->click('[data-testid="own-save"]');
        $atlas->reads('h1', 'Lighthouse steak');
        $atlas
            ->fill('[data-testid="new-name"]', 'lamp steak')
            ->click('[data-testid="add-name"]')
            ->reads('[data-testid="cut-page"]', 'lamp steak');
        $atlas->click('[data-testid="hide"]')->reads('[data-testid="cut-page"]', 'not sold here');
        self::assertSame([], Axe::seriousFindings($this->chromium->driver));

        $atlas->goTo('/atlas?find=lighthouse')->reads('[data-testid="count"]', '0 cuts');
    }

    private function atlas(string $name = 'maret', string $password = 'tideline-47'): AtlasPage
    {
        return AtlasPage::open($this->chromium->driver, self::$application->url, $name, $password);
    }
}
