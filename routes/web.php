<?php

declare(strict_types=1);

use App\Http\Controllers\Tickets\ShowPhoneCardController;
use Illuminate\Support\Facades\Route;

// The card on a phone: no session, no cookie, nobody signed in.
Route::get('card/{token}', ShowPhoneCardController::class)->withoutMiddleware('web')->middleware('throttle:phone-card');

// One shell page; the interface finds its own way from there.
Route::view('/{path?}', 'shell')->where('path', '(?!api/|up$|build/).*');
