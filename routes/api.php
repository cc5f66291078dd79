<?php

declare(strict_types=1);

use App\Http\Controllers\Advice\AdviseController;
use App\Http\Controllers\Advice\AdviseThicknessController;
use App\Http\Controllers\Atlas\CompareCutsController;
use App\Http\Controllers\Atlas\ListCutsController;
use App\Http\Controllers\Atlas\ListGradesController;
use App\Http\Controllers\Atlas\ReadGradeController;
use App\Http\Controllers\Atlas\ShowCutController;
use App\Http\Controllers\Atlas\ShowSubstitutesController;
use App\Http\Controllers\Bench\BlendMinceController;
use App\Http\Controllers\Bench\ChangeBenchOrderController;
use App\Http\Controllers\Bench\ListBenchController;
use App\Http\Controllers\Bench\PlanCutController;
use App\Http\Controllers\Bench\PriceOffersController;
use App\Http\Controllers\Bench\PrintBenchLabelController;
use App\Http\Controllers\Bench\ReadScaleController;
use App\Http\Controllers\Bench\SendToBenchController;
use App\Http\Controllers\Bench\SetScaleController;
use App\Http\Controllers\Bench\WeighBenchOrderController;
use App\Http\Controllers\Catalogue\ShowCatalogueController;
use App\Http\Controllers\Counter\AnswerCounterController;
use App\Http\Controllers\Customers\AddCustomerController;
use App\Http\Controllers\Customers\ChangeCustomerController;
use App\Http\Controllers\Customers\ExportCustomerController;
use App\Http\Controllers\Customers\ForgetCustomerController;
use App\Http\Controllers\Customers\ForgetNameController;
use App\Http\Controllers\Customers\ListCustomersController;
use App\Http\Controllers\House\ChangeHouseController;
use App\Http\Controllers\House\ExportDayBookController;
use App\Http\Controllers\House\PriceFromCostController;
use App\Http\Controllers\House\ShowDayBookController;
use App\Http\Controllers\House\ShowDifferenceController;
use App\Http\Controllers\House\ShowHouseController;
use App\Http\Controllers\Matching\MatchController;
use App\Http\Controllers\Matching\ReadLineController;
use App\Http\Controllers\Matching\WhyNotController;
use App\Http\Controllers\Meal\ExportClockController;
use App\Http\Controllers\Meal\ListSidesController;
use App\Http\Controllers\Meal\PutOnClockController;
use App\Http\Controllers\OpenApiController;
use App\Http\Controllers\Seasonings\AddSeasoningController;
use App\Http\Controllers\Seasonings\ExportSeasoningsController;
use App\Http\Controllers\Seasonings\ImportSeasoningsController;
use App\Http\Controllers\Seasonings\ListSeasoningsController;
use App\Http\Controllers\Seasonings\RemoveSeasoningController;
use App\Http\Controllers\Seasonings\ShowLabelController;
use App\Http\Controllers\Seasonings\ShowSeasoningController;
use App\Http\Controllers\Session\ChangePasswordController;
use App\Http\Controllers\Session\EndSessionController;
use App\Http\Controllers\Session\ShowSessionController;
use App\Http\Controllers\Session\StartSessionController;
use App\Http\Controllers\ShopCatalogue\AddCutController;
use App\Http\Controllers\ShopCatalogue\AddNameController;
use App\Http\Controllers\ShopCatalogue\ExportCatalogueController;
use App\Http\Controllers\ShopCatalogue\HideCutController;
use App\Http\Controllers\ShopCatalogue\ImportCatalogueController;
use App\Http\Controllers\ShopCatalogue\RemoveCutController;
use App\Http\Controllers\ShopCatalogue\RemoveNameController;
use App\Http\Controllers\ShopCatalogue\ShowAgainController;
use App\Http\Controllers\Staff\AddStaffController;
use App\Http\Controllers\Staff\ChangeStaffController;
use App\Http\Controllers\Staff\ListStaffController;
use App\Http\Controllers\Staff\RemoveStaffController;
use App\Http\Controllers\Stock\AddLotController;
use App\Http\Controllers\Stock\ChangeLotController;
use App\Http\Controllers\Stock\ExportCaseController;
use App\Http\Controllers\Stock\ImportCaseController;
use App\Http\Controllers\Stock\ListMovesController;
use App\Http\Controllers\Stock\MakeLotsController;
use App\Http\Controllers\Stock\MoveLotController;
use App\Http\Controllers\Stock\ShowCaseController;
use App\Http\Controllers\Stock\ShowLotLabelController;
use App\Http\Controllers\Stock\ShowRecallController;
use App\Http\Controllers\Stock\TraceLotController;
use App\Http\Controllers\Tickets\ChangeCardLanguageController;
use App\Http\Controllers\Tickets\LinkCardController;
use App\Http\Controllers\Tickets\ListTicketsController;
use App\Http\Controllers\Tickets\ReplanTicketController;
use App\Http\Controllers\Tickets\ShowCardCodeController;
use App\Http\Controllers\Tickets\ShowCardController;
use App\Http\Controllers\Tickets\ShowTicketController;
use App\Http\Controllers\Tickets\StoreTicketController;
use App\Http\Controllers\Tickets\TakeTicketBackController;
use App\Http\Controllers\Tickets\UnlinkCardController;
use App\Http\Middleware\AtMostTwo;
use App\Http\Middleware\OwnPassword;
use App\Models\Ticket;
use Illuminate\Support\Facades\Route;

Route::get('openapi.json', OpenApiController::class);
Route::post('session', StartSessionController::class)->middleware('throttle:sign-in');

Route::middleware(['auth:sanctum', OwnPassword::class])->group(function (): void {
    Route::get('session', ShowSessionController::class);
    Route::delete('session', EndSessionController::class);
    Route::put('session/password', ChangePasswordController::class)->middleware('throttle:sign-in');
    Route::get('day-book', ShowDayBookController::class)->can('run-house');
    Route::get('day-book/export.csv', ExportDayBookController::class)->can('run-house');
    Route::get('catalogue', ShowCatalogueController::class)->can('see-catalogue');
    Route::get('catalogue/export.{format}', ExportCatalogueController::class)
        ->whereIn('format', ['json', 'csv'])
        ->can('see-catalogue');
    Route::get('cuts', ListCutsController::class)->can('see-catalogue');
    Route::get('cuts/{slug}', ShowCutController::class)->can('see-catalogue');
    Route::get('cuts/{slug}/substitutes', ShowSubstitutesController::class)->can('see-catalogue');
    Route::get('compare', CompareCutsController::class)->can('see-catalogue');
    Route::get('grades', ListGradesController::class)->can('see-catalogue');
    Route::get('grades/{scale}/{value}', ReadGradeController::class)->can('see-catalogue');
    Route::middleware('can:change-catalogue')->group(function (): void {
        Route::post('catalogue/import', ImportCatalogueController::class);
        Route::post('cuts', AddCutController::class);
        Route::delete('cuts/{slug}', RemoveCutController::class);
        Route::post('cuts/{slug}/names', AddNameController::class);
        Route::delete('cuts/{slug}/names', RemoveNameController::class);
        Route::put('cuts/{slug}/hidden', HideCutController::class);
        Route::delete('cuts/{slug}/hidden', ShowAgainController::class);
    });
    Route::get('sides', ListSidesController::class)->can('see-catalogue');
    Route::get('seasonings', ListSeasoningsController::class)->can('see-catalogue');
    Route::get('seasonings/export.{format}', ExportSeasoningsController::class)
        ->whereIn('format', ['json', 'csv', 'jsonld'])
        ->can('see-catalogue');
    Route::get('seasonings/{slug}', ShowSeasoningController::class)->can('see-catalogue');
    Route::get('seasonings/{slug}/label.pdf', ShowLabelController::class)->can('see-catalogue');
    Route::middleware('can:change-catalogue')->group(function (): void {
        Route::post('seasonings', AddSeasoningController::class);
        Route::post('seasonings/import', ImportSeasoningsController::class);
        Route::delete('seasonings/{slug}', RemoveSeasoningController::class);
    });
    Route::post('mince', BlendMinceController::class)->can('see-catalogue')->middleware('throttle:advice');
    Route::post('cut-plan', PlanCutController::class)->can('see-catalogue')->middleware('throttle:advice');
    Route::post('true-price', PriceOffersController::class)->can('see-catalogue')->middleware('throttle:advice');
    Route::middleware('can:move-stock')->group(function (): void {
        Route::get('bench', ListBenchController::class);
        Route::post('bench', SendToBenchController::class);
        Route::put('bench/{order}', ChangeBenchOrderController::class)->can('own-bench-order', 'order');
        Route::post('bench/{order}/weighings', WeighBenchOrderController::class)->can('own-bench-order', 'order');
        Route::post('bench/{order}/label', PrintBenchLabelController::class)->can('own-bench-order', 'order');
        Route::get('scale', ReadScaleController::class);
        Route::post('scale', SetScaleController::class);
    });
    Route::get('case', ShowCaseController::class)->can('see-catalogue');
    Route::get('case/export.{format}', ExportCaseController::class)
        ->whereIn('format', ['json', 'csv'])
        ->can('see-catalogue');
    Route::middleware('can:change-case')->group(function (): void {
        Route::post('case/lots', AddLotController::class);
        Route::put('case/lots/{lot}', ChangeLotController::class)->can('own-lot', 'lot');
        Route::post('case/import', ImportCaseController::class);
        Route::post('makings', MakeLotsController::class);
    });
    Route::get('case/lots/{lot}/label.pdf', ShowLotLabelController::class)->can('own-lot', 'lot');
    Route::get('case/lots/{lot}/recall.csv', ShowRecallController::class)->can('own-lot', 'lot');
    Route::get('case/lots/{lot}/trace', TraceLotController::class)->can('own-lot', 'lot');
    Route::get('case/lots/{lot}/moves', ListMovesController::class)->can('own-lot', 'lot');
    Route::post('case/lots/{lot}/moves', MoveLotController::class)->can('own-lot', 'lot');
    Route::get('house', ShowHouseController::class)->can('see-catalogue');
    Route::post('schools/{school}/difference', ShowDifferenceController::class)->can('see-catalogue')->middleware('throttle:advice');
    Route::get('price', PriceFromCostController::class)->can('change-case');
    Route::middleware('can:run-house')->group(function (): void {
        Route::put('house', ChangeHouseController::class);
        Route::get('staff', ListStaffController::class);
        Route::post('staff', AddStaffController::class);
        Route::put('staff/{user}', ChangeStaffController::class)->can('own-staff', 'user');
        Route::delete('staff/{user}', RemoveStaffController::class)->can('own-staff', 'user');
    });
    Route::middleware('can:advise')->group(function (): void {
        Route::get('customers', ListCustomersController::class);
        Route::post('customers', AddCustomerController::class);
        Route::post('customers/forget-name', ForgetNameController::class);
        Route::put('customers/{customer}', ChangeCustomerController::class)->can('own-customer', 'customer');
        Route::get('customers/{customer}/export.json', ExportCustomerController::class)->can('own-customer', 'customer');
        Route::delete('customers/{customer}', ForgetCustomerController::class)->can('own-customer', 'customer');
    });
    Route::middleware(['can:ask', 'throttle:advice'])->group(function (): void {
        Route::post('counter', AnswerCounterController::class);
        Route::post('ask-line', ReadLineController::class);
        Route::post('matches', MatchController::class);
        Route::post('why-not', WhyNotController::class);
        Route::post('how-thick', AdviseThicknessController::class)->middleware(AtMostTwo::class);
        Route::post('clock', PutOnClockController::class);
        Route::post('clock/calendar', ExportClockController::class);
    });
    Route::post('advice', AdviseController::class)->can('ask')->middleware(['throttle:advice', AtMostTwo::class]);
    Route::get('tickets', ListTicketsController::class)->can('viewAny', Ticket::class);
    Route::post('tickets', StoreTicketController::class)->can('create', Ticket::class);
    Route::get('tickets/{ticket}', ShowTicketController::class)->can('view', 'ticket');
    Route::post('tickets/{ticket}/take-back', TakeTicketBackController::class)->can('take-back', 'ticket');
    Route::post('tickets/{ticket}/replan', ReplanTicketController::class)->can('link', 'ticket')->middleware('throttle:advice');
    Route::put('tickets/{ticket}/language', ChangeCardLanguageController::class)->can('link', 'ticket');
    Route::post('tickets/{ticket}/card-link', LinkCardController::class)->can('link', 'ticket');
    Route::delete('tickets/{ticket}/card-link', UnlinkCardController::class)->can('link', 'ticket');
    Route::get('tickets/{ticket}/card-link.svg', ShowCardCodeController::class)->can('view', 'ticket');
    Route::get('tickets/{ticket}/card.pdf', ShowCardController::class)->can('view', 'ticket');
});
