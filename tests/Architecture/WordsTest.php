<?php

declare(strict_types=1);

namespace Tests\Architecture;

use App\Services\Language;
use FilesystemIterator;
use Generator;
use PhpToken;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Tests\Support\Words;

/** What a person reads stands in the wording, not in the code; and what stands in the code has its words. */
final class WordsTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    /** Two words of a sentence in a row. */
    private const SENTENCE = '/^(?!.?<).*\b[a-z]{2,} [a-z]{2,}\b/s';

    /** What reads shipped data speaks to programmers, a command to who runs the program; a simulation's report is read by programs. */
    private const NOT_FOR_PEOPLE = [
        'core/src/Data/',
        'core/src/Contract/SimulationReport.php',
        'app/Console/Commands/',
        'app/Services/ArchiveRefused.php',
    ];

    /** Formats are called so in every language. */
    private const NAMES = ['CSV', 'JSON'];

    /** Said to whoever writes or runs the program, never to those who use it. */
    private const TO_PROGRAMMERS = [
        'LogicException',
        'RuntimeException',
        'line',
        'info',
        'warn',
        'error',
        'statement',
        'raw',
        'whereRaw',
        'query',
        'addInfo',
    ];

    public function test_no_sentence_is_left_in_the_code(): void
    {
        $left = [];
        foreach (['core/src', 'app'] as $folder) {
            foreach (self::files($folder, 'php') as $path => $text) {
                $isForPeople =
                    array_filter(self::NOT_FOR_PEOPLE, static fn (string $part): bool => str_starts_with($path, $part)) === [];
                foreach ($isForPeople ? self::sentences($text) : [] as $line => $sentence) {
                    $left[] = "{$path}:{$line} {$sentence}";
                }
            }
        }

        self::assertSame([], $left);
    }

    public function test_no_text_is_left_in_a_template(): void
    {
        $left = [];
        foreach (self::files('resources/js', 'vue') as $path => $text) {
            preg_match('/<template>(.*)<\/template>/s', $text, $template);
            $bare = (string) preg_replace(
                ['/\{\{.*?\}\}/s', '/<kbd>.*?<\/kbd>/s', '/"[^"]*"/s', '/<!--.*?-->/s'],
                ['', '', '""', ''],
                $template[1] ?? '',
            );
            preg_match_all('/>([^<]*[A-Za-z]{3,}[^<]*)</', $bare, $found);
            $left = [
                ...$left,
                ...array_map(
                    static fn (string $words): string => "{$path}: {$words}",
                    array_diff(array_map(trim(...), $found[1]), self::NAMES),
                ),
            ];
        }

        self::assertSame([], $left);
    }

    public function test_every_key_in_the_code_has_its_words(): void
    {
        $keys = [];
        foreach (['core/src', 'app'] as $folder) {
            foreach (self::files($folder, 'php') as $text) {
                preg_match_all(
                    '/(?:refuse\(|InputRefused::one\(|Violation::of\()[^;]*?\'(?:'.
                        'missing|wrong_type|out_of_range|unknown_key|not_allowed|not_supported|unreachable|conflict)\','.
                        ' [^;]*?, \'([a-z0-9_]+)\'[,)]/',
                    $text,
                    $allowed,
                );
                preg_match_all('/new Phrase\(\'([a-z_]+\.[a-z0-9_]+)\'/', $text, $phrases);
                $keys = [...$keys, ...array_map(static fn (string $key): string => "allowed.{$key}", $allowed[1]), ...$phrases[1]];
            }
        }

        self::assertGreaterThan(100, count($keys));
        self::assertSame([], array_values(array_diff(array_unique($keys), array_keys(Words::section('say')))));
    }

    public function test_every_sentence_of_a_refusal_is_said_somewhere(): void
    {
        $code = implode("\n", [...iterator_to_array(self::files('core/src', 'php')), ...iterator_to_array(self::files('app', 'php'))]);
        $allowed = array_filter(array_keys(Words::section('say')), static fn (string $key): bool => str_starts_with($key, 'allowed.'));
        $isSaid = static fn (string $key): bool => str_contains($code, "'".substr($key, strlen('allowed.'))."'") ||
            preg_match('/^allowed\.range_(mm|c|g|s)$/', $key) === 1; // by the unit of the key

        self::assertSame([], array_values(array_filter($allowed, static fn (string $key): bool => ! $isSaid($key))));
    }

    public function test_every_sentence_is_an_icu_message(): void
    {
        $wording = [
            Words::file('shop/en'),
            ...array_map(static fn (Language $each): array => Words::file("card/{$each->value}"), Language::cases()),
        ];
        $screen = json_decode((string) file_get_contents(self::ROOT.'/resources/js/i18n/en.json'), true, flags: JSON_THROW_ON_ERROR);
        array_walk_recursive($wording, static fn (string $sentence) => Words::placeholders($sentence));
        array_walk_recursive($screen, static fn (string $sentence) => Words::placeholders($sentence));
    }

    /** @return Generator<int, string> sentences by line */
    private static function sentences(string $text): Generator
    {
        $tokens = array_values(array_filter(PhpToken::tokenize($text), static fn (PhpToken $token): bool => ! $token->isIgnorable()));
        $attribute = 0;
        foreach ($tokens as $i => $token) {
            $attribute = match (true) {
                $token->is(T_ATTRIBUTE) => 1,
                $attribute > 0 && $token->text === '[' => $attribute + 1,
                $attribute > 0 && $token->text === ']' => $attribute - 1,
                default => $attribute,
            };
            $isText = $token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE]);
            if ($attribute === 0 && $isText && preg_match(self::SENTENCE, $token->text) === 1 && ! self::isToProgrammers($tokens, $i)) {
                yield $token->line => $token->text;
            }
        }
    }

    /** @param  list<PhpToken>  $tokens */
    private static function isToProgrammers(array $tokens, int $at): bool
    {
        for ($i = $at; $i >= 0 && ! $tokens[$i]->is([ord(';'), ord('{')]); $i--) {
            if (in_array($tokens[$i]->text, [...self::TO_PROGRAMMERS, '$signature', '$description'], true)) {
                return true;
            }
        }

        return false;
    }

    /** @return Generator<string, string> text by path */
    private static function files(string $folder, string $ending): Generator
    {
        foreach (
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::ROOT."/{$folder}", FilesystemIterator::SKIP_DOTS)) as $file
        ) {
            if ($file instanceof SplFileInfo && $file->getExtension() === $ending) {
                yield substr($file->getPathname(), strlen(self::ROOT) + 1) => (string) file_get_contents($file->getPathname());
            }
        }
    }
}
