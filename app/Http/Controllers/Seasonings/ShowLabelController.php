<?php

declare(strict_types=1);

namespace App\Http\Controllers\Seasonings;

use App\Http\Requests\ScaleRequest;
use App\Services\LabelPdf;
use App\Services\ShopShelf;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class ShowLabelController
{
    #[
        OA\Get(
            path: '/seasonings/{slug}/label.pdf',
            operationId: 'showLabel',
            summary: 'A label for a batch: what is in it in falling order, allergens in bold, how long it keeps',
            parameters: [
                new OA\Parameter(name: 'slug', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'meat_g', in: 'query', required: false, schema: new OA\Schema(type: 'number')),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'PDF',
                    content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary')),
                ),
                new OA\Response(
                    response: 404,
                    description: 'No such seasoning',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(ScaleRequest $request, string $slug, ShopShelf $shelves, LabelPdf $label): Response
    {
        $shelf = $shelves->of($request->shop());
        abort_unless($shelf->knows($slug), 404);

        return new Response($label->render($shelf->seasoning($slug), $shelf, $request->shop(), $request->meatG()), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"{$slug}.pdf\"",
        ]);
    }
}
