<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Actions\BenchRefused;
use App\Devices\DeviceLost;
use App\Devices\LabelPrinter;
use App\Devices\PrintRefused;
use App\Models\BenchOrder;
use App\Models\User;
use App\Services\LotLabelPdf;
use App\Services\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Quantity\Mass;
use OpenApi\Attributes as OA;

final class PrintBenchLabelController
{
    #[
        OA\Post(
            path: '/bench/{order}/label',
            operationId: 'printBenchLabel',
            summary: 'Print the label of an order on the label printer',
            parameters: [
                new OA\Parameter(name: 'order', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            ],
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/LabelPrinted')),
                new OA\Response(
                    response: 409,
                    description: 'It has no lot or no weight, or the printer does not print: why',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, BenchOrder $order, Stock $stock, LotLabelPdf $label, LabelPrinter $printer): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        [$row, $lot] = $stock->soldFrom($user->shop, $order->lot?->number);
        $grams = $order->dish->sold_g ?? $order->after_g ?? $order->before_g;
        if ($row === null || $lot === null || $grams === null) {
            throw BenchRefused::noLot();
        }
        try {
            return new JsonResponse(['printed' => $printer->print($label->render($row, $lot, $user->shop, Mass::ofGrams($grams)))]);
        } catch (DeviceLost) {
            throw BenchRefused::printer('lost');
        } catch (PrintRefused $refused) {
            throw BenchRefused::printer($refused->isOutOfPaper ? 'no_paper' : 'not_read');
        }
    }
}
