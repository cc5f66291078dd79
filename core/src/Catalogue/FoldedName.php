<?php

declare(strict_types=1);

namespace Nessmark\Catalogue;

/** A name as it is compared: small letters, no accents, single spaces. "Côte à l'os" → "cote a l os". */
final readonly class FoldedName
{
    private const LETTERS = [
        'à' => 'a',
        'á' => 'a',
        'â' => 'a',
        'ã' => 'a',
        'ä' => 'a',
        'å' => 'a',
        'æ' => 'ae',
        'ç' => 'c',
        'è' => 'e',
        'é' => 'e',
        'ê' => 'e',
        'ë' => 'e',
        'ì' => 'i',
        'í' => 'i',
        'î' => 'i',
        'ï' => 'i',
        'ñ' => 'n',
        'ò' => 'o',
        'ó' => 'o',
        'ô' => 'o',
        'õ' => 'o',
        'ö' => 'o',
        'ø' => 'o',
        'œ' => 'oe',
        'ß' => 'ss',
        'ù' => 'u',
        'ú' => 'u',
        'û' => 'u',
        'ü' => 'u',
        'ý' => 'y',
        'ÿ' => 'y',
    ];

    /** Words that say nothing about a cut. */
    private const FILLERS = [
        'a',
        'al',
        'am',
        'au',
        'aus',
        'con',
        'd',
        'da',
        'de',
        'del',
        'della',
        'der',
        'des',
        'di',
        'du',
        'e',
        'el',
        'en',
        'et',
        'in',
        'l',
        'la',
        'le',
        'les',
        'met',
        'of',
        'on',
        's',
        'the',
        'van',
        'vom',
        'von',
    ];

    /** @param  non-empty-list<string>  $words  those that say something, or all where none does */
    private function __construct(public string $text, public array $words) {}

    /** In small letters, without accents; signs and spaces stay. */
    public static function plain(string $text): string
    {
        return strtr(mb_strtolower($text), self::LETTERS);
    }

    public static function of(string $name): self
    {
        $text = self::plain($name);
        $text = trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', $text));
        $words = explode(' ', $text);
        $telling = array_values(array_diff($words, self::FILLERS));

        return new self($text, $telling === [] ? $words : $telling);
    }
}
