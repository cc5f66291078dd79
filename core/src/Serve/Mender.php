<?php

declare(strict_types=1);

namespace Nessmark\Serve;

use Nessmark\Data\DataFolder;
use Nessmark\Data\Record;
use Nessmark\Meat\Form;
use Nessmark\Method\Method;
use Nessmark\Say\Phrase;
use Nessmark\Ticket\Trouble;

/** What is done when it goes wrong in the kitchen. It never lets anything be eaten below the minimum that holds for it. */
final readonly class Mender
{
    private const HOT_METAL = [Method::Pan, Method::SearThenOven, Method::OvenThenSear, Method::BathThenSear];

    private const FIRES = [Method::Grill, Method::Smoke, Method::Spit];

    private function __construct(private Record $figures) {}

    public static function from(DataFolder $folder): self
    {
        return new self($folder->read('serving.json')->record('trouble'));
    }

    /** @return list<Trouble> what is likeliest first */
    public function of(Served $of): array
    {
        $troubles = [
            'underdone' => $this->underdone($of),
            'overdone' => new Phrase(
                match (true) {
                    $of->isByFork => 'trouble.dry_long',
                    $of->isShellfish() => $of->cut->covering->bone === 'shell' ? 'trouble.tough_in_shell' : 'trouble.tough_shellfish',
                    $of->cut->isFish() => 'trouble.dry_fish',
                    $of->cut->form === Form::Mince => 'trouble.dry_mince',
                    default => 'trouble.overdone',
                },
            ),
            'late' => $this->late($of),
            'disagree' => $of->canProbe && ! $of->isByFork ? $this->disagree() : null,
            'stuck' => $this->stuck($of),
            'flames' => $this->flames($of),
            'fire_out' => in_array($of->method, self::FIRES, true)
                ? new Phrase('trouble.fire_out', ['oven_c' => $this->ovenInstead($of)])
                : null,
            'boiled_dry' => in_array($of->method, [Method::Braise, Method::PotRoast, Method::Simmer], true)
                ? new Phrase('trouble.boiled_dry')
                : null,
            'soft_coat' => $of->method === Method::DeepFry ? new Phrase('trouble.soft_coat') : null,
        ];
        $list = [];
        foreach (array_filter($troubles) as $sign => $do) {
            $list[] = new Trouble($sign, $do);
        }

        return $list;
    }

    private function disagree(): Phrase
    {
        return new Phrase('trouble.disagree', ['ice_c' => $this->figures->number('ice_c')]);
    }

    private function underdone(Served $of): Phrase
    {
        $through = ['official_c' => $of->officialC];

        return match (true) {
            $of->isByFork => new Phrase('trouble.not_tender', ['again_s' => $this->figures->number('again_s')]),
            $of->isShellfish() => new Phrase('trouble.glassy_shellfish'),
            $of->isCookedThrough() && $of->canProbe => new Phrase('trouble.not_through', $through),
            $of->isCookedThrough() => new Phrase('trouble.not_through_cut', $through),
            $of->isInLiquid() => new Phrase('trouble.back_in_liquid'),
            $of->cut->isFish() => new Phrase('trouble.glassy_fish'),
            $of->isJoint() => new Phrase('trouble.slices_in_oven', ['warm_oven_c' => $this->figures->number('warm_oven_c')]),
            default => new Phrase('trouble.slices_on_heat', ['slice_s' => $this->figures->number('slice_s')]),
        };
    }

    /** Guests who are late: what is not on yet is not put on; what is done waits as it can. */
    private function late(Served $of): Phrase
    {
        $figures = ['needs_s' => $of->onHeatS, 'wait_s' => Waits::seconds($of->method, $of->restS), 'hot_c' => $of->hotC];

        return new Phrase(
            match (true) {
                Waits::inItsPot($of->method) => 'trouble.late_pot',
                $of->method->isInBath() => 'trouble.late_bath',
                $of->isShellfish(), $of->method === Method::DeepFry, $of->method === Method::StirFry => 'trouble.late_at_once',
                default => 'trouble.late',
            },
            $figures,
        );
    }

    private function stuck(Served $of): ?Phrase
    {
        $lies = in_array($of->method, [...self::HOT_METAL, Method::Grill], true) && ! $of->cut->build->isRound();

        return match (true) {
            ! $lies || $of->isShellfish() || $of->cut->isLooseMince() => null,
            $of->cut->covering->hasSkin => new Phrase('trouble.stuck_skin'),
            $of->method === Method::Grill => new Phrase('trouble.stuck_grate'),
            default => new Phrase('trouble.stuck_pan'),
        };
    }

    private function flames(Served $of): ?Phrase
    {
        return match (true) {
            in_array($of->method, [Method::DeepFry, Method::Confit], true) => new Phrase('trouble.fat_on_fire'),
            $of->method === Method::Grill, $of->method === Method::Spit => new Phrase('trouble.flames'),
            default => null,
        };
    }

    /** Low and slow goes on at the heat it had; over embers it is finished in a usual oven, °C. */
    private function ovenInstead(Served $of): float
    {
        return $of->method === Method::Smoke || ($of->method === Method::Grill && $of->isByFork)
            ? $of->heatC
            : $this->figures->number('embers_oven_c');
    }
}
