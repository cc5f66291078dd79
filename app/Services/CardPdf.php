<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Ticket;
use App\Models\TicketDish;
use Dompdf\Dompdf;

/** The take-home card: one A5 page a dish, computed figures first, in the customer's units with the other beside them. */
final readonly class CardPdf
{
    public function __construct(private Wording $wording, private SliceSvg $slice) {}

    /** A card with much to say is set smaller, down to where it can still be read at arm's length: from memory, 6 pt. */
    private const SIZES = [1.0, 0.92, 0.85];

    private const ROLL_MM = 80.0;

    /** Left below the last line, where the printer cuts. */
    private const TAIL_MM = 8.0;

    public function render(Ticket $ticket, Units $units): string
    {
        foreach (self::SIZES as $size) {
            $pdf = $this->set($ticket, $units, $size);
            if ($pdf->getCanvas()->get_page_count() === $ticket->dishes->count()) {
                break;
            }
        }

        return (string) $pdf->output();
    }

    /** On the roll of a counter printer, for those without a sheet of paper: the phone's text, black only. */
    public function roll(Ticket $ticket, Units $units): string
    {
        $html = view('card-roll', $this->said($ticket, $units))->render();
        $title = $this->wording->text('card', 'title', ['number' => (string) $ticket->number]);

        return (string) Pdf::roll($html, self::ROLL_MM, self::TAIL_MM, $title)->output();
    }

    /** @return array<string, mixed> */
    private function said(Ticket $ticket, Units $units): array
    {
        return [
            'ticket' => $ticket,
            'units' => $units,
            'other' => $units === Units::Metric ? Units::Imperial : Units::Metric,
            'wording' => $this->wording,
            'slice' => $this->slice,
            'code' => self::code($ticket),
            'fonts' => resource_path('fonts'),
        ];
    }

    private function set(Ticket $ticket, Units $units, float $size): Dompdf
    {
        $html = view('card', [
            ...$this->said($ticket, $units),
            'slice' => $this->picture(...),
            'pt' => static fn (float $points): string => round($points * $size, 2).'pt',
        ])->render();

        return Pdf::set($html, 'A5', $this->wording->text('card', 'title', ['number' => (string) $ticket->number]));
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
