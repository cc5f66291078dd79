<?php

declare(strict_types=1);

namespace Tests\Architecture;

use App\Services\Language;
use FontLib\Font;
use MessageFormatter;
use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Meal\Sides;
use PHPUnit\Framework\TestCase;
use Tests\Support\Counter;
use Tests\Support\Words;

/** A card in any of its languages says all that the English one says, with the same figures, in letters its fonts have. */
final class LanguagesTest extends TestCase
{
    /** Keyed by what ships, not by what is said. */
    private const NAMES = ['cut_name' => 0, 'named' => 0, 'food' => 0];

    public function test_every_language_has_every_sentence_with_its_figures(): void
    {
        $english = array_diff_key(Words::file('card/en'), self::NAMES);
        foreach (Language::cases() as $language) {
            $words = Words::file("card/{$language->value}");
            self::assertSame(array_keys($english), array_keys(array_diff_key($words, self::NAMES)), $language->value);
            foreach ($english as $section => $sentences) {
                self::assertSame(array_keys($sentences), array_keys($words[$section]), "{$language->value} {$section}");
                foreach ($sentences as $key => $sentence) {
                    $said = $words[$section][$key];
                    $where = "{$language->value} {$section} {$key}";
                    self::assertNotSame('', trim($said), $where);
                    self::assertEqualsCanonicalizing(Words::placeholders($sentence), Words::placeholders($said), $where);
                    self::assertNotNull(MessageFormatter::create($language->value, $said), $where);
                }
            }
        }
    }

    /** The interface lays them over each other: a section of one name in two of them would hide one. */
    public function test_no_section_hides_another(): void
    {
        $screen = json_decode((string) file_get_contents(__DIR__.'/../../resources/js/i18n/en.json'), true);
        $all = [array_keys($screen), array_keys(Words::file('card/en')), array_keys(Words::file('shop/en'))];
        $counts = array_count_values(array_merge(...$all));

        self::assertSame(['say'], array_keys(array_filter($counts, static fn (int $count): bool => $count > 1)));
    }

    /** What is alike in two languages is short: a word they share, a figure, a name. */
    public function test_no_sentence_was_left_in_english(): void
    {
        $english = Words::file('card/en');
        foreach (array_diff(array_column(Language::cases(), 'value'), ['en']) as $language) {
            foreach (Words::file("card/{$language}")['say'] as $key => $said) {
                $isLong = str_word_count((string) preg_replace('/\{\w+\}/', '', $english['say'][$key])) > 2;
                self::assertTrue(! $isLong || $said !== $english['say'][$key], "{$language} {$key}");
            }
        }
    }

    public function test_whatever_ships_has_its_name_in_every_language(): void
    {
        $folder = DataFolder::shipped();
        $name = static fn (Record $record): string => $record->text('name');
        $ingredients = $folder->read('seasonings/ingredients.json')->records('ingredients');
        $names = [
            ...array_map($name, $ingredients),
            ...array_map($name, $folder->read('seasonings/shelf.json')->records('seasonings')),
            ...array_map(static fn ($side): string => $side->name, Sides::from($folder)->all()),
        ];
        $foods = [
            ...array_merge(...array_map(static fn (Record $record): array => $record->texts('words'), $ingredients)),
            ...$folder->read('seasonings/rules.json')->record('demands')->keys(),
            ...$folder->read('lexicon/en.json')->texts('avoid'),
        ];
        foreach (Language::cases() as $language) {
            $words = Words::file("card/{$language->value}");
            self::assertSame(array_keys(Words::file('card/en')['food']), array_keys($words['food']), $language->value);
            self::assertSame([], array_values(array_diff($foods, array_keys($words['food']))), "foods {$language->value}");
            if ($language === Language::English) {
                continue;
            }
            self::assertSame([], array_values(array_diff($names, array_keys($words['named']))), $language->value);
            foreach (Counter::open()->catalogue->cuts() as $cut) {
                $place = $language->place();
                $called = $words['cut_name'][$cut->slug] ?? ($place === null ? null : $cut->names[$place][0] ?? null);
                self::assertNotNull($called, "{$language->value} {$cut->slug}");
            }
        }
    }

    public function test_the_fonts_of_the_card_have_every_letter(): void
    {
        $letters = [];
        foreach (Language::cases() as $language) {
            $words = Words::file("card/{$language->value}");
            array_walk_recursive($words, static function (string $said) use (&$letters): void {
                $letters += array_fill_keys(mb_str_split($said), true);
            });
        }
        foreach (Counter::open()->catalogue->cuts() as $cut) {
            foreach (['fr', 'de', 'es'] as $place) {
                $letters += array_fill_keys(mb_str_split($cut->names[$place][0] ?? ''), true);
            }
        }
        foreach (glob(__DIR__.'/../../resources/fonts/*.ttf') ?: [] as $file) {
            $font = Font::load($file);
            self::assertNotNull($font);
            $font->parse();
            $has = $font->getUnicodeCharMap();
            $missing = array_filter(array_keys($letters), static fn (string|int $each): bool => ! isset($has[mb_ord((string) $each)]));
            self::assertSame([], array_values($missing), basename($file));
        }
        self::assertGreaterThan(90, count($letters));
    }
}
