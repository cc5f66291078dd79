<?php

declare(strict_types=1);

namespace App\Http\Controllers\Catalogue;

use App\Models\User;
use App\Services\ShopCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\CatalogueReport;
use OpenApi\Attributes as OA;

final class ShowCatalogueController
{
    #[OA\Get(path: '/catalogue', operationId: 'showCatalogue', summary: 'The cuts, with what may be chosen for each', responses: [
        new OA\Response(response: 200, description: 'The catalogue', content: new OA\JsonContent(ref: '#/components/schemas/Catalogue')),
    ])]
    public function __invoke(Request $request, CatalogueReport $report, ShopCatalogue $catalogues): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse($report->toArray($catalogues->of($user->shop)));
    }
}
