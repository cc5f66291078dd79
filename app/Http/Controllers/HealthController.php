<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Services\Health;
use Illuminate\Http\JsonResponse;

/** For whoever watches: 200 when the program can do its work, 503 when not. */
final class HealthController
{
    public function __invoke(Health $health): JsonResponse
    {
        $report = $health->report();

        return new JsonResponse($report, $report['is_well'] ? 200 : 503, ['Cache-Control' => 'no-store']);
    }
}
