<?php

declare(strict_types=1);

namespace Nessmark\Seasoning;

/** What sort of seasoning it is: that decides when it meets the meat, and how much of it stays. */
enum Kind: string
{
    case Salt = 'salt';
    case DryBrine = 'dry_brine';
    case WetBrine = 'wet_brine';
    case TimedBrine = 'timed_brine';
    case Rub = 'rub';
    case HotCrust = 'hot_crust';
    case OilMarinade = 'oil_marinade';
    case AcidMarinade = 'acid_marinade';
    case AlcoholMarinade = 'alcohol_marinade';
    case DairyMarinade = 'dairy_marinade';
    case EnzymeMarinade = 'enzyme_marinade';
    case Glaze = 'glaze';
    case Dip = 'dip';
    case Paste = 'paste';
    case Stuffing = 'stuffing';
    case Butter = 'butter';
    case FinishingSalt = 'finishing_salt';
    case BoardDressing = 'board_dressing';
    case ColdSauce = 'cold_sauce';
    case PanSauce = 'pan_sauce';
    case Gravy = 'gravy';

    public function moment(): Moment
    {
        return match (true) {
            $this->isSaltOnly() => Moment::Salted,
            $this->isBrine(), $this->isMarinade(), $this === self::Dip => Moment::Soaked,
            $this === self::Rub, $this === self::HotCrust, $this === self::Paste, $this === self::Stuffing => Moment::Before,
            $this === self::Glaze => Moment::Last,
            $this === self::PanSauce, $this === self::Gravy => Moment::InPan,
            $this === self::Butter => Moment::Rest,
            default => Moment::Plate,
        };
    }

    public function isMarinade(): bool
    {
        return in_array(
            $this,
            [self::OilMarinade, self::AcidMarinade, self::AlcoholMarinade, self::DairyMarinade, self::EnzymeMarinade],
            true,
        );
    }

    public function isBrine(): bool
    {
        return $this === self::WetBrine || $this === self::TimedBrine;
    }

    /** As people ask for it: with a marinade, with butter, plain. */
    public function family(): string
    {
        return match (true) {
            $this === self::Salt => 'plain',
            $this->isMarinade() => 'marinade',
            $this->isBrine(), $this === self::DryBrine => 'brine',
            $this === self::ColdSauce, $this === self::PanSauce => 'sauce',
            $this === self::HotCrust => 'crust',
            $this === self::FinishingSalt => 'finish',
            $this === self::BoardDressing => 'board',
            default => $this->value,
        };
    }

    /** @return non-empty-list<string> */
    public static function families(): array
    {
        return array_values(array_unique(array_map(static fn (self $kind): string => $kind->family(), self::cases())));
    }

    /** It stands instead of the salt, not beside it. */
    public function isSaltOnly(): bool
    {
        return $this === self::Salt || $this === self::DryBrine;
    }

    /** It was in touch with raw meat and most of it is left over. */
    public function isUsedUp(): bool
    {
        return $this->moment() === Moment::Soaked;
    }
}
