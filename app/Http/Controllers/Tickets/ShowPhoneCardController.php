<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tickets;

use App\Models\CardLink;
use App\Services\CarvingSvg;
use App\Services\Language;
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

    public function __invoke(Request $request, string $token, Wording $wording, SliceSvg $slice, CarvingSvg $carving): Response
    {
        $link = CardLink::find($token);
        if ($link === null) {
            return response()->view('phone-gone', ['wording' => $wording], 404, self::HEADERS);
        }
        $ticket = $link->ticket->load(['shop', 'dishes', 'replaces']);
        $units = Units::tryFrom(self::asked($request, 'units')) ?? Units::from($ticket->units);
        $language = Language::tryFrom(self::asked($request, 'language')) ?? $ticket->language;

        return response()->view(
            'phone-card',
            [
                'ticket' => $ticket,
                'units' => $units,
                'other' => $units === Units::Metric ? Units::Imperial : Units::Metric,
                'wording' => $wording->speaking($language),
                'slice' => $slice,
                'carving' => $carving,
                'isPaper' => false,
                'token' => $token,
            ],
            200,
            self::HEADERS,
        );
    }

    private static function asked(Request $request, string $key): string
    {
        $asked = $request->query($key);

        return is_string($asked) ? $asked : '';
    }
}
