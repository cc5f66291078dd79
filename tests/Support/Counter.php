<?php

declare(strict_types=1);

namespace Tests\Support;

use Nessmark\Advice\Portions;
use Nessmark\Advice\TicketAssembly;
use Nessmark\Appliance\Kitchen;
use Nessmark\Catalogue\Catalogue;
use Nessmark\Catalogue\Diets;
use Nessmark\Contract\AskReader;
use Nessmark\Contract\Json;
use Nessmark\Data\DataFolder;
use Nessmark\Doneness\DonenessTable;
use Nessmark\Grade\GradeTable;
use Nessmark\House\HouseRules;
use Nessmark\Meat\Cut;
use Nessmark\Method\Suitability;
use Nessmark\Safety\Profile;
use Nessmark\Safety\SafetyRules;
use Nessmark\Safety\Standard;
use Nessmark\School\Schools;
use Nessmark\Seasoning\Avoidance;
use Nessmark\Seasoning\Salting;
use Nessmark\Seasoning\Shelf;
use Nessmark\Stock\Lot;
use Nessmark\Texture\LongCook;

/** The core put together as the program does, for tests that ask it something. */
final class Counter
{
    private static ?self $shared = null;

    private function __construct(
        public readonly AskReader $reader,
        public readonly TicketAssembly $tickets,
        public readonly Catalogue $catalogue,
        public readonly DonenessTable $doneness,
        public readonly Suitability $suitability = new Suitability(),
    ) {}

    public static function open(): self
    {
        if (self::$shared === null) {
            $folder = DataFolder::shipped();
            $catalogue = Catalogue::from($folder);
            $reader = new AskReader(
                $catalogue,
                DonenessTable::from($folder),
                SafetyRules::from($folder),
                Kitchen::from($folder),
                GradeTable::from($folder),
                Schools::from($folder),
                Portions::from($folder),
                LongCook::from($folder),
                Diets::from($folder),
                Shelf::from($folder),
                Salting::from($folder),
                Avoidance::from($folder),
            );
            self::$shared = new self($reader, TicketAssembly::from($folder), $catalogue, DonenessTable::from($folder));
        }

        return self::$shared;
    }

    /** @return list<Cut> one of each kind a ticket can be written for: every class of food, shape and set of doneness words there is */
    public function kinds(): array
    {
        $kinds = [];
        foreach ($this->catalogue->cuts() as $cut) {
            if ($this->suitability->offered($cut) !== []) {
                $kinds["{$cut->foodClass->value} {$cut->build->shape->value} {$cut->donenessFamily}"] ??= $cut;
            }
        }

        return array_values($kinds);
    }

    /**
     * @param  array<string, mixed>  $ask
     * @param  Profile|HouseRules  $house  by whose rules
     * @param  Lot|null  $lot  it is sold from
     * @return array<string, mixed>
     */
    public function ticket(array $ask, Profile|HouseRules $house = Profile::Us, ?Lot $lot = null): array
    {
        $house = $house instanceof Profile ? new HouseRules(new Standard($house)) : $house;

        return Json::of($this->tickets->advise($this->reader->read(['diners' => [['count' => 2]], ...$ask], $house, lot: $lot)));
    }
}
