<?php

declare(strict_types=1);

namespace App\Http\Controllers\Catalogue;

use Illuminate\Http\JsonResponse;
use Nessmark\Contract\CatalogueReport;
use OpenApi\Attributes as OA;

final class ShowCatalogueController
{
    #[OA\Get(path: '/catalogue', operationId: 'showCatalogue', summary: 'The cuts, with what may be chosen for each', responses: [
        new OA\Response(response: 200, description: 'The catalogue', content: new OA\JsonContent(ref: '#/components/schemas/Catalogue')),
    ])]
    public function __invoke(CatalogueReport $report): JsonResponse
    {
        return new JsonResponse($report->toArray());
    }
}
