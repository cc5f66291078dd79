<?php

declare(strict_types=1);

namespace App\Services;

/** What a card can be set in. Each has a complete file in resources/wording/card. */
enum Language: string
{
    case English = 'en';
    case Dutch = 'nl';
    case French = 'fr';
    case German = 'de';
    case Spanish = 'es';

    /** Where the atlas calls cuts in this language; null where its names are not of one language, or are the usual ones. */
    public function place(): ?string
    {
        return match ($this) {
            self::French => 'fr',
            self::German => 'de',
            self::Spanish => 'es',
            self::English, self::Dutch => null,
        };
    }

    /** As those who speak it call it. */
    public function own(): string
    {
        return match ($this) {
            self::English => 'English',
            self::Dutch => 'Nederlands',
            self::French => 'Français',
            self::German => 'Deutsch',
            self::Spanish => 'Español',
        };
    }

    /** French sets it off. */
    public function colon(): string
    {
        return $this === self::French ? "\u{a0}:" : ':';
    }

    public function decimalMark(): string
    {
        return $this === self::English ? '.' : ',';
    }
}
