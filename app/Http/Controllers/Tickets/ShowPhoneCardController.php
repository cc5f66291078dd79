<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tickets;

use App\Models\CardLink;
use App\Services\SliceSvg;
use App\Services\Units;
use App\Services\Wording;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The card on a phone, to whoever holds its address: without script, without a name on it. */
final class ShowPhoneCardController
{
    private const HEADERS = [
        'Cache-Control' => 'private, no-cache',
        'X-Robots-Tag' => 'noindex, nofollow',
    ];

    public function __invoke(Request $request, string $token, Wording $wording, SliceSvg $slice): Response
    {
        $link = CardLink::find($token);
        if ($link === null) {
            return response()->view('phone-gone', ['wording' => $wording], 404, self::HEADERS);
        }
        $ticket = $link->ticket->load(['shop', 'dishes']);
        $asked = $request->query('units');
        $units = (is_string($asked) ? Units::tryFrom($asked) : null) ?? Units::from($ticket->units);

        return response()->view(
            'phone-card',
            [
                'ticket' => $ticket,
                'units' => $units,
                'other' => $units === Units::Metric ? Units::Imperial : Units::Metric,
                'wording' => $wording,
                'slice' => $slice,
            ],
            200,
            self::HEADERS,
        );
    }
}
