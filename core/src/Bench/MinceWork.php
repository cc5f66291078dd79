<?php

declare(strict_types=1);

namespace Nessmark\Bench;

use Nessmark\Data\Record;
use Nessmark\Meat\Cut;
use Nessmark\Quantity\Length;
use Nessmark\Safety\Profile;
use Nessmark\Say\Phrase;

/** How a mince is chilled, minced, seasoned, formed and kept. Salt mixed in binds: wanted of a sausage, not of a burger. */
final readonly class MinceWork
{
    /** Strips for the mincer are so much thinner than dice for a stew, as a share. Common practice, no source. */
    private const STRIP_SHARE = 0.7;

    public function __construct(private Record $figures, private Record $forms, private Firming $firming) {}

    /**
     * @param  Cut  $cut  that most of it is of
     * @param  float  $officialC  to be cooked to
     * @param  Profile  $profile  whose rules say how long it keeps
     * @return list<Phrase>
     */
    public function steps(MinceForm $form, Cut $cut, int $pieces, float $eachG, float $officialC, Profile $profile): array
    {
        $of = $this->forms->record($form->value);
        $belowC = $this->figures->number('mince_below_c');
        $strip = Length::ofMillimetres(self::STRIP_SHARE * $this->figures->number('dice_mm'));
        $saltG = round(($of->number('salt_pct') * $pieces * $eachG) / 100.0, 1);
        $mm = round($this->eachMm($form, $eachG));
        $frozenS = round($this->firming->frozenS($cut, Length::ofMillimetres(max(5.0, $mm))), -2);
        $endC = $this->forms->number($cut->isBird() ? 'end_poultry_c' : 'end_c');

        return [
            new Phrase('mince.chill_meat', ['firm_s' => round($this->firming->firmS($cut, $strip), -1), 'below_c' => $belowC]),
            new Phrase('mince.chill_parts', ['parts_s' => round($this->firming->partsS($belowC), -1)]),
            new Phrase('bench.grind', ['plate_mm' => $of->number('plate_mm'), 'passes' => (int) $of->number('passes')]),
            ...match ($form) {
                MinceForm::Burgers => [
                    new Phrase('mince.form', [
                        'pieces' => $pieces,
                        'each_g' => $eachG,
                        'each_mm' => $mm,
                        'dimple_mm' => $this->figures->number('dimple_mm'),
                    ]),
                    new Phrase('mince.rest', ['rest_s' => $this->forms->number('rest_s')]),
                    new Phrase('mince.salt', ['salt_g' => $saltG]),
                ],
                MinceForm::Meatballs => [
                    new Phrase('mince.season_in', ['salt_g' => $saltG]),
                    new Phrase('mince.roll', ['pieces' => $pieces, 'each_g' => $eachG, 'each_mm' => $mm]),
                    new Phrase('mince.rest', ['rest_s' => $this->forms->number('rest_s')]),
                ],
                MinceForm::Sausages => [
                    new Phrase('mince.season_in', ['salt_g' => $saltG]),
                    new Phrase('mince.bind', ['end_c' => $endC]),
                    new Phrase('mince.casing', ['pieces' => $pieces, 'each_g' => $eachG]),
                ],
                MinceForm::Loose => [new Phrase('bench.form_loose')],
            },
            new Phrase('mince.cook', ['official_c' => $officialC]),
            ...$form === MinceForm::Loose ? [] : [new Phrase('bench.film_between', ['times' => $pieces])],
            new Phrase($profile === Profile::Us ? 'mince.keeps_chart' : 'mince.keeps_use_by'),
            new Phrase($form === MinceForm::Sausages ? 'mince.sausage_keeps' : 'mince.keeps', ['frozen_s' => $frozenS]),
        ];
    }

    /** A larger one is larger all round; what lies loose is frozen as a flat parcel. */
    private function eachMm(MinceForm $form, float $eachG): float
    {
        $of = $this->forms->record($form->value);

        return $form === MinceForm::Loose || $form === MinceForm::Sausages
            ? $of->number('each_mm')
            : $of->number('each_mm') * ($eachG / $of->number('of_g')) ** (1.0 / 3.0);
    }
}
