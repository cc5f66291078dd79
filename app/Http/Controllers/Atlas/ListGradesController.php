<?php

declare(strict_types=1);

namespace App\Http\Controllers\Atlas;

use Illuminate\Http\JsonResponse;
use Nessmark\Contract\GradeReport;
use OpenApi\Attributes as OA;

final class ListGradesController
{
    #[OA\Get(path: '/grades', operationId: 'listGrades', summary: 'Every grade scale with its official range', responses: [
        new OA\Response(response: 200, description: 'The scales', content: new OA\JsonContent(ref: '#/components/schemas/GradeScales')),
    ])]
    public function __invoke(GradeReport $report): JsonResponse
    {
        return new JsonResponse($report->scales());
    }
}
