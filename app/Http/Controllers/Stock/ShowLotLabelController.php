<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Http\Requests\LotLabelRequest;
use App\Models\Lot;
use App\Services\LotLabelPdf;
use App\Services\Stock;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class ShowLotLabelController
{
    #[
        OA\Get(
            path: '/case/lots/{lot}/label.pdf',
            operationId: 'showLotLabel',
            summary: 'The label of what was weighed out of a lot: weight, price, an in-store code of its price, use-by, how to cook it',
            parameters: [
                new OA\Parameter(name: 'lot', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
                new OA\Parameter(name: 'g', in: 'query', required: true, schema: new OA\Schema(type: 'number')),
                new OA\Parameter(name: 'code', in: 'query', schema: new OA\Schema(type: 'string', enum: ['price', 'weight'])),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'PDF',
                    content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(LotLabelRequest $request, Lot $lot, Stock $stock, LotLabelPdf $label): Response
    {
        $shop = $request->shop();
        [, $read] = $stock->soldFrom($shop, $lot->number);
        abort_if($read === null, 404);

        return new Response($label->render($lot, $read, $shop, $request->mass(), $request->code()), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"lot-{$lot->id}.pdf\"",
        ]);
    }
}
