<?php

declare(strict_types=1);

use App\Http\Controllers\Advice\AdviseController;
use App\Http\Controllers\Catalogue\ShowCatalogueController;
use App\Http\Controllers\OpenApiController;
use App\Http\Controllers\Session\EndSessionController;
use App\Http\Controllers\Session\ShowSessionController;
use App\Http\Controllers\Session\StartSessionController;
use App\Http\Controllers\Tickets\ListTicketsController;
use App\Http\Controllers\Tickets\ShowCardController;
use App\Http\Controllers\Tickets\ShowTicketController;
use App\Http\Controllers\Tickets\StoreTicketController;
use App\Models\Ticket;
use Illuminate\Support\Facades\Route;

Route::get('openapi.json', OpenApiController::class);
Route::post('session', StartSessionController::class)->middleware('throttle:sign-in');

Route::middleware('auth:sanctum')->group(function (): void {
    Route::get('session', ShowSessionController::class);
    Route::delete('session', EndSessionController::class);
    Route::get('catalogue', ShowCatalogueController::class)->can('see-catalogue');
    Route::post('advice', AdviseController::class)->can('advise')->middleware('throttle:advice');
    Route::get('tickets', ListTicketsController::class)->can('viewAny', Ticket::class);
    Route::post('tickets', StoreTicketController::class)->can('create', Ticket::class);
    Route::get('tickets/{ticket}', ShowTicketController::class)->can('view', 'ticket');
    Route::get('tickets/{ticket}/card.pdf', ShowCardController::class)->can('view', 'ticket');
});
