<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tickets;

use App\Models\CardLink;
use App\Models\HowItWas;
use App\Services\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** "How was it?", answered by whoever holds the card: one word of a list a dish, the first that comes. No session, no name. */
final class AnswerCardController
{
    public function __invoke(Request $request, string $token, Wording $wording): RedirectResponse|Response
    {
        $link = CardLink::find($token);
        if ($link === null) {
            return response()->view('phone-gone', ['wording' => $wording], 404);
        }
        [$answer, $place] = [$request->input('answer'), $request->input('dish')];
        $answer = is_string($answer) ? HowItWas::tryFrom($answer) : null;
        abort_if($answer === null || ! is_numeric($place), 422);
        $link->ticket
            ->dishes()
            ->where('place', (int) $place)
            ->whereNull('answer')
            ->update(['answer' => $answer->value, 'answered_at' => now()]);

        return redirect("/card/{$token}?".http_build_query($request->query())."#answer-{$place}", 303);
    }
}
