<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Models\User;
use App\Services\ShopCatalogue;
use App\Services\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Nessmark\Contract\CutPlanReport;
use OpenApi\Attributes as OA;

final class PlanCutController
{
    #[
        OA\Post(
            path: '/cut-plan',
            operationId: 'planCut',
            summary: 'Where to cut a whole piece: for the most portions, even weights, the least offcut, or given orders',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/CutPlanAsked')),
            responses: [
                new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/CutPlan')),
                new OA\Response(
                    response: 422,
                    description: 'Refused, naming each key',
                    content: new OA\JsonContent(ref: '#/components/schemas/Problem'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, CutPlanReport $plans, Stock $stock, ShopCatalogue $catalogues): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $catalogue = $catalogues->of($user->shop);
        $lots = $stock->of($user->shop, $catalogue);

        return new JsonResponse($plans->of(json_decode($request->getContent(), true), $lots, $catalogue, $user->shop->currency));
    }
}
