<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use DateTimeImmutable;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Errors\InputRefused;
use Nessmark\Errors\Violation;
use Nessmark\Grade\FatBand;
use Nessmark\Grade\GradeTable;
use Nessmark\Meat\Cut;
use Nessmark\Meat\FoodClass;
use Nessmark\Meat\Rearing;
use Nessmark\Meat\Treatment;
use Nessmark\Quantity\Length;
use Nessmark\Quantity\Mass;
use Nessmark\Stock\Lot;
use Nessmark\Stock\Packed;

/** Reads a lot of today's case, or of what can be ordered, strictly. */
final class LotReader
{
    public const MOST_G = 2_000_000.0;

    public const DEAREST_PER_KG = 10_000.0;

    private const LONGEST_AGED = 400;

    private const LONGEST_LEAD = 60;

    public const LONGEST_TEXT = 40;

    private const MINOR = 100.0;

    /** Of what is nearly all shell or bone there is still something left, %. */
    private const MOST_TRIM_PCT = 90.0;

    /** @var array<string, Cut> with the fat of a grade, and pierced: many lots share them */
    private array $cuts = [];

    /** @var array<string, FatBand|null> */
    private array $fats = [];

    public function __construct(private readonly Catalogue $catalogue, private readonly GradeTable $grades) {}

    /**
     * @param  mixed  $data  number, cut, grade, thickness_mm, weight_g, price_per_kg, aged_days, packed, origin, use_by, parasite_frozen,
     *                       pierced, stuffed, rearing, lead_days, trim_pct; all but the first two and the price may be left out
     *
     * @throws InputRefused naming every key that is wrong, with what is allowed
     */
    public function read(mixed $data): Lot
    {
        $in = Fields::of($data);
        $number = $in->text('number', 'text_up_to', self::LONGEST_TEXT, ['signs' => self::LONGEST_TEXT]);
        $cut = $this->cut($in);
        $in->refuseIfWrong();
        $grade = $in->has('grade') ? $in->text('grade', 'grade') : null;
        $fat = $grade === null || $grade === '' ? null : $this->fat($in, $grade);
        $thicknessMm = $in->optionalNumber('thickness_mm', $cut->build->thinnestMm, $cut->build->thickestMm, 'thickness_for', [
            'cut' => $cut->name,
        ]);
        $leadDays = $in->has('lead_days') ? $in->wholeNumber('lead_days', 0, self::LONGEST_LEAD) : 0;
        $weightG = $leadDays > 0 ? $in->optionalNumber('weight_g', 0.0, self::MOST_G) : $in->number('weight_g', 0.0, self::MOST_G);
        $price = $in->number('price_per_kg', 0.0, self::DEAREST_PER_KG, 'money');
        $agedDays = $in->has('aged_days') ? $in->wholeNumber('aged_days', 0, self::LONGEST_AGED) : null;
        $packed = Packed::from(
            $in->choiceOr('packed', Packed::Wet->value, array_map(static fn (Packed $p): string => $p->value, Packed::cases())),
        );
        $origin = $in->has('origin') ? $in->text('origin', 'text_up_to', self::LONGEST_TEXT, ['signs' => self::LONGEST_TEXT]) : '';
        $useBy = $this->day($in, 'use_by');
        $isFrozen = $in->flagOr('parasite_frozen', false);
        $isPierced = $in->flagOr('pierced', false);
        if ($isPierced && $cut->foodClass->after(Treatment::Pierced) === $cut->foodClass && $cut->foodClass !== FoodClass::NonIntact) {
            $in->refuse('pierced', 'conflict', true, 'not_pierced', ['cut' => $cut->name]);
        }
        $isStuffed = $in->flagOr('stuffed', false);
        $said = $in->optionalChoice('rearing', array_column(Rearing::cases(), 'value'));
        $rearing = $said === null ? null : Rearing::from($said);
        $trimPct = $in->optionalNumber('trim_pct', 0.0, self::MOST_TRIM_PCT);
        $in->noOthers();
        $in->refuseIfWrong();

        return new Lot(
            $number,
            $this->as($cut, $fat, $isPierced, $isStuffed, $rearing),
            $grade,
            $fat,
            $thicknessMm === null ? null : Length::ofMillimetres($thicknessMm),
            $weightG === null ? null : Mass::ofGrams($weightG),
            (int) round($price * self::MINOR),
            $agedDays,
            $packed,
            $origin,
            $useBy,
            $isFrozen,
            $isPierced,
            $leadDays,
            $isStuffed,
            $rearing,
            $trimPct === null ? null : $trimPct / 100.0,
        );
    }

    private function cut(Fields $in): Cut
    {
        $slug = $in->text('cut', 'slug');
        if ($slug === '' || ! $this->catalogue->knows($slug)) {
            if ($slug !== '') {
                $in->refuse('cut', 'not_allowed', $slug, 'slug');
            }
            $in->refuseIfWrong();
        }

        return $this->catalogue->cut($slug);
    }

    private function fat(Fields $in, string $grade): ?FatBand
    {
        if (array_key_exists($grade, $this->fats)) {
            return $this->fats[$grade];
        }
        [$scale, $value] = [...explode(':', $grade, 2), ''];
        try {
            return $this->fats[$grade] = $this->grades->scale($scale)->step($value)->fat;
        } catch (InputRefused $refused) {
            $in->add(new Violation('grade', 'not_allowed', $grade, $refused->violations[0]->allowed));

            return null;
        }
    }

    private function as(Cut $cut, ?FatBand $fat, bool $isPierced, bool $isStuffed, ?Rearing $rearing): Cut
    {
        $key = implode(' ', [
            $cut->slug,
            $fat->meanPct ?? '',
            $isPierced ? 'pierced' : '',
            $isStuffed ? 'stuffed' : '',
            $rearing->value ?? '',
        ]);
        if (! isset($this->cuts[$key])) {
            $cut = $fat === null ? $cut : $cut->withFat($fat->meanPct / 100.0);
            $cut = $rearing === null ? $cut : $cut->reared($rearing);
            $cut = $isPierced ? $cut->after(Treatment::Pierced) : $cut;
            $this->cuts[$key] = $isStuffed ? $cut->after(Treatment::Stuffed) : $cut;
        }

        return $this->cuts[$key];
    }

    private function day(Fields $in, string $key): ?DateTimeImmutable
    {
        if (! $in->has($key)) {
            return null;
        }
        $text = $in->text($key, 'day');
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $text);
        if ($day === false || $day->format('Y-m-d') !== $text) {
            if ($text !== '') {
                $in->refuse($key, 'wrong_type', $text, 'day');
            }

            return null;
        }

        return $day;
    }
}
