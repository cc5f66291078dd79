<?php

declare(strict_types=1);

namespace Nessmark\Ticket;

use Nessmark\Meat\Surface;
use Nessmark\Say\Phrase;

/** What is handed over for one dish, computed. */
final readonly class DishTicket
{
    /**
     * @param  array<string, string>  $fires
     * @param  array<string, string>  $schools  those that bear on it, as they were followed
     * @param  list<Effect>  $effects
     * @param  list<Stage>  $stages
     * @param  Carving|null  $carving  null on what was kept before it was said
     * @param  list<Trouble>  $trouble
     * @param  list<Phrase>  $leftovers  what is good made of what is left; none where nothing is kept
     * @param  list<Reading>  $readings  none where no probe says when, or several pieces come off apart
     * @param  list<Phrase>  $cautions
     * @param  list<Phrase>  $doubts
     * @param  list<Source>  $sources
     * @param  list<TimelineLine>  $timeline
     * @param  Inspected|null  $inspected  where the piece was looked at before it was sold
     * @param  list<TicketPiece>  $pieces  what is cooked or seasoned apart; none where all eat alike
     * @param  list<Eaten>  $eaten  everything eaten beside the meat: of the seasoning, and from the cupboard
     */
    public function __construct(
        public string $engineVersion,
        public TicketCut $cut,
        public string $method,
        public float $thicknessMm,
        public bool $isRound,
        public Surface $surface,
        public array $fires,
        public float $startC,
        public float $heatC,
        public string $profile,
        public ?string $alsoProfile,
        public array $schools,
        public float $outOfFridgeS,
        public Verdict $verdict,
        public Amounts $amounts,
        public ?Price $price,
        public Target $target,
        public float $pullCoreC,
        public float $peakCoreC,
        public float $carryOverK,
        public bool $canProbe,
        public PullBy $pullBy,
        public TimeRange $time,
        public float $restS,
        public float $totalS,
        public array $effects,
        public array $stages,
        public ?string $onHeatAt,
        public ?string $eatAt,
        public string $slice,
        public HeatRibbon $heatRibbon,
        public CrossSection $crossSection,
        public Losses $losses,
        public TextureMeter $texture,
        public Lethality $logReduction,
        public ?Phrase $tempering,
        public Phrase $keeping,
        public ?Carving $carving,
        public array $trouble,
        public array $leftovers,
        public array $readings,
        public ?ShoppingList $shopping,
        public array $cautions,
        public array $doubts,
        public array $sources,
        public array $timeline,
        public array $pieces,
        public ?Dressing $dressing,
        public BenchOrder $bench,
        public ?Inspected $inspected,
        public array $eaten,
    ) {}
}
