<?php

declare(strict_types=1);

namespace Nessmark\AskLine;

use Nessmark\Catalogue\FoldedName;

/** One word of a line as typed, and as it is compared. */
final readonly class Word
{
    /**
     * @param  string  $folded  in small letters, without accents
     * @param  int  $from  first sign, counted from 0
     * @param  int  $to  one past the last
     * @param  bool  $isAfterComma  or a plus sign: no name and no saying runs on across it
     */
    private function __construct(
        public string $text,
        public string $folded,
        public int $from,
        public int $to,
        public bool $isAfterComma,
    ) {}

    /** @return list<self> parted at spaces, commas and plus signs; a comma within a figure is its point, a plus after one means at least */
    public static function all(string $line): array
    {
        $words = [];
        preg_match_all('/(?:(?<=\d),(?=\d)|(?<=\d)\+(?=\s|$)|[^\s,;+])+/u', $line, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[0] as [$text, $byte]) {
            $from = mb_strlen(substr($line, 0, $byte));
            $words[] = new self(
                $text,
                self::fold($text),
                $from,
                $from + mb_strlen($text),
                preg_match('/[,;+]\\s*$/', substr($line, 0, $byte)) === 1,
            );
        }

        return $words;
    }

    public static function fold(string $text): string
    {
        return FoldedName::plain(rtrim($text, '.!?:'));
    }
}
