<?php

declare(strict_types=1);

namespace App\Http\Controllers\Atlas;

use App\Http\Requests\AtlasRequest;
use App\Services\ShopCatalogue;
use Illuminate\Http\JsonResponse;
use Nessmark\Atlas\Atlas;
use Nessmark\Catalogue\AmbiguousNames;
use Nessmark\Contract\AtlasReport;
use Nessmark\Data\DataFolder;
use OpenApi\Attributes as OA;

final class ListCutsController
{
    #[
        OA\Get(
            path: '/cuts',
            operationId: 'listCuts',
            summary: 'Look cuts up by any name and by what they are like',
            parameters: [
                new OA\Parameter(name: 'find', in: 'query', schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'group', in: 'query', schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'region', in: 'query', schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'tenderness', in: 'query', schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'fat', in: 'query', schema: new OA\Schema(type: 'string')),
                new OA\Parameter(name: 'price_class', in: 'query', schema: new OA\Schema(type: 'integer')),
                new OA\Parameter(name: 'method', in: 'query', schema: new OA\Schema(type: 'string')),
                new OA\Parameter(
                    name: 'hidden',
                    in: 'query',
                    description: 'also what the shop does not sell',
                    schema: new OA\Schema(type: 'boolean'),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The cuts, the likest first',
                    content: new OA\JsonContent(ref: '#/components/schemas/CutList'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(AtlasRequest $request, ShopCatalogue $catalogues, AtlasReport $report, DataFolder $folder): JsonResponse
    {
        $catalogue = $catalogues->of($request->shop());
        $query = $request->atlasQuery();
        $shared = AmbiguousNames::from($folder, $catalogue)->of($query->name);

        return new JsonResponse([
            ...$report->list((new Atlas($catalogue))->find($query, $request->withHidden()), $catalogue),
            'ambiguous' => $shared === null ? null : $report->flag($shared),
        ]);
    }
}
