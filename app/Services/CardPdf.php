<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Ticket;
use App\Models\TicketDish;
use Dompdf\Dompdf;

/**
 * The take-home card, in the customer's language and units with the other units beside them: a sheet of A5 a dish, the cook on its front
 * and what comes after on its back; a strip off a roll; or A4 in large type.
 */
final readonly class CardPdf
{
    public function __construct(private Wording $wording, private SliceSvg $slice, private CarvingSvg $carving) {}

    /** A card with much to say is set smaller, down to where it can still be read at arm's length: from memory, 6 pt. */
    private const SIZES = [1.0, 0.92, 0.85, 0.82];

    /** What is always said moves to the back before letters get smaller than that. */
    private const FOOT_BEHIND = [false, true];

    private const ROLL_MM = 80.0;

    /** Left below the last line, where the printer cuts. */
    private const TAIL_MM = 8.0;

    /** Of the roll's letters: 18 pt is what print for weak eyes begins at, from memory. */
    private const LARGE = 1.75;

    public function render(Ticket $ticket, Units $units, Language $language, CardPaper $paper): string
    {
        $said = $this->said($ticket, $units, $this->wording->speaking($language));
        $title = $said['wording']->text('card', 'title', ['number' => (string) $ticket->number]);

        $pdf = match ($paper) {
            CardPaper::A5 => $this->sheet($said, $title),
            CardPaper::Roll => Pdf::roll(self::strip($said, 1.0), self::ROLL_MM, self::TAIL_MM, $title),
            CardPaper::Large => Pdf::set(self::strip($said, self::LARGE), 'A4', $title),
        };

        return (string) $pdf->output();
    }

    /** @param  array{ticket: Ticket, ...}  $said */
    private function sheet(array $said, string $title): Dompdf
    {
        $pages = $said['ticket']->dishes->sum(static fn (TicketDish $dish): int => $dish->result['carving'] === null ? 1 : 2);
        foreach (self::FOOT_BEHIND as $isFootBehind) {
            foreach (self::SIZES as $size) {
                $html = view('card', [
                    ...$said,
                    'slice' => $this->picture(...),
                    'isFootBehind' => $isFootBehind && $pages > $said['ticket']->dishes->count(),
                    'pt' => static fn (float $points): string => round($points * $size, 2).'pt',
                ])->render();
                $pdf = Pdf::set($html, 'A5', $title);
                if ($pdf->getCanvas()->get_page_count() <= $pages) {
                    return $pdf;
                }
            }
        }

        return $pdf;
    }

    /**
     * The phone's text, black only.
     *
     * @param  array<string, mixed>  $said
     */
    private static function strip(array $said, float $size): string
    {
        return view('card-roll', [...$said, 'pt' => static fn (float $points): string => round($points * $size, 2).'pt'])->render();
    }

    /** @return array{ticket: Ticket, wording: Wording, ...} */
    private function said(Ticket $ticket, Units $units, Wording $wording): array
    {
        return [
            'ticket' => $ticket,
            'units' => $units,
            'other' => $units === Units::Metric ? Units::Imperial : Units::Metric,
            'wording' => $wording,
            'slice' => $this->slice,
            'carving' => $this->carving,
            'code' => self::code($ticket),
            'fonts' => resource_path('fonts'),
            'isPaper' => true,
        ];
    }

    /** Where the card opens on a phone; none if it opens no more, or its address is too long to be read off paper. */
    private static function code(Ticket $ticket): ?string
    {
        if ($ticket->cardLink?->isOpen() !== true) {
            return null;
        }
        $code = QrCode::of($ticket->cardLink->url());

        return $code === null ? null : 'data:image/svg+xml;base64,'.base64_encode($code->svg());
    }

    private function picture(TicketDish $dish): string
    {
        /** @var array{shape: string, across_mm: float, tissue: string, peaks_c: list<array{float, float}>} $section */
        $section = $dish->result['cross_section'];

        return 'data:image/svg+xml;base64,'.base64_encode($this->slice->draw($section));
    }
}
