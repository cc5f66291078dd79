<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The description of this API, as checked in beside the code it is made from. */
final class OpenApiController
{
    public function __invoke(): BinaryFileResponse
    {
        return response()->file(base_path('openapi.json'), ['Content-Type' => 'application/json']);
    }
}
