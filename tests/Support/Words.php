<?php

declare(strict_types=1);

namespace Tests\Support;

use MessageFormatter;
use Nessmark\Say\Phrase;
use PHPUnit\Framework\Assert;

/** The English wording, complete: whatever is said has its sentence, and the sentence has its figures. */
final class Words
{
    /** @var array<string, array<string, string>>|null by section, then key */
    private static ?array $sentences = null;

    /** @return array<string, string> by key */
    public static function section(string $section): array
    {
        self::$sentences ??= array_replace_recursive(self::file('shop/en'), self::file('card/en'));

        return self::$sentences[$section];
    }

    /** @return array<string, array<string, string>> by section, then key */
    public static function file(string $name): array
    {
        return json_decode(
            (string) file_get_contents(dirname(__DIR__, 2)."/resources/wording/{$name}.json"),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }

    public static function assertSaid(Phrase $phrase): void
    {
        Assert::assertArrayHasKey($phrase->key, self::section('say'), 'it has no sentence');
        Assert::assertSame(
            [],
            array_diff(self::placeholders(self::section('say')[$phrase->key]), array_keys($phrase->args)),
            "{$phrase->key} lacks a figure",
        );
    }

    /** @return list<string> the names of its arguments, plural ones too */
    public static function placeholders(string $sentence): array
    {
        Assert::assertNotFalse(MessageFormatter::create('en', $sentence), "it is no ICU message: {$sentence}");
        preg_match_all('/\{(\w+)[,}]/', $sentence, $found);

        return array_values(array_unique($found[1]));
    }
}
