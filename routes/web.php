<?php

declare(strict_types=1);

use App\Http\Controllers\HealthController;
use App\Http\Controllers\Tickets\AnswerCardController;
use App\Http\Controllers\Tickets\ShowPhoneCardController;
use Illuminate\Support\Facades\Route;

// The card on a phone: no session, no cookie, nobody signed in.
Route::withoutMiddleware('web')
    ->middleware('throttle:phone-card')
    ->group(function (): void {
        Route::get('card/{token}', ShowPhoneCardController::class);
        Route::post('card/{token}/answer', AnswerCardController::class);
    });

Route::get('health', HealthController::class)->withoutMiddleware('web')->middleware('throttle:health');

// One shell page; the interface finds its own way from there.
Route::view('/{path?}', 'shell')->where('path', '(?!api/|up$|health$|build/).*');
