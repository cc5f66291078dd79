<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Ticket;
use App\Models\TicketDish;
use Dompdf\Dompdf;
use InvalidArgumentException;

/** The take-home card: one A5 page a dish, computed figures first, in the customer's units with the other beside them. */
final readonly class CardPdf
{
    public function __construct(private Wording $wording, private SliceSvg $slice) {}

    /** A card with much to say is set smaller, down to where it can still be read at arm's length: from memory, 6 pt. */
    private const SIZES = [1.0, 0.92, 0.85];

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

    private function set(Ticket $ticket, Units $units, float $size): Dompdf
    {
        $html = view('card', [
            'ticket' => $ticket,
            'units' => $units,
            'other' => $units === Units::Metric ? Units::Imperial : Units::Metric,
            'wording' => $this->wording,
            'slice' => $this->picture(...),
            'code' => self::code($ticket),
            'fonts' => resource_path('fonts'),
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
        try {
            return 'data:image/svg+xml;base64,'.base64_encode(QrCode::of($ticket->cardLink->url())->svg());
        } catch (InvalidArgumentException) {
            return null;
        }
    }

    private function picture(TicketDish $dish): string
    {
        /** @var array{shape: string, across_mm: float, tissue: string, peaks_c: list<array{float, float}>} $section */
        $section = $dish->result['cross_section'];

        return 'data:image/svg+xml;base64,'.base64_encode($this->slice->draw($section));
    }
}
