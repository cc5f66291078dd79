<?php

declare(strict_types=1);

namespace App\Http\Controllers\Stock;

use App\Actions\ImportLots;
use App\Actions\Once;
use App\Http\OnceKey;
use App\Models\User;
use App\Services\LotUpload;
use App\Services\Stock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ImportCaseController
{
    #[
        OA\Post(
            path: '/case/import',
            operationId: 'importCase',
            summary: 'Take lots from a file. Every error is listed by row; then nothing is taken, or with good_rows the rest',
            parameters: [
                new OA\Parameter(ref: '#/components/parameters/OnceKey'),
                new OA\Parameter(name: 'good_rows', in: 'query', required: false, schema: new OA\Schema(type: 'boolean')),
            ],
            requestBody: new OA\RequestBody(
                required: true,
                content: [
                    new OA\MediaType('application/json', schema: new OA\Schema(type: 'object')),
                    new OA\MediaType('text/csv', schema: new OA\Schema(type: 'string')),
                ],
            ),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Taken',
                    content: new OA\JsonContent(ref: '#/components/schemas/CaseImported'),
                ),
                new OA\Response(
                    response: 422,
                    description: 'Nothing was taken',
                    content: new OA\JsonContent(ref: '#/components/schemas/CaseImported'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request, Stock $stock, ImportLots $import, Once $once): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $upload = LotUpload::of($request, $stock->reader($user->shop));
        $takesGood = $upload->refused === [] || $request->boolean('good_rows');

        return new JsonResponse(
            [
                ...$takesGood
                    ? $once->run($user, OnceKey::of($request), static fn (): array => $import->execute($user, $upload->lots))
                    : ['received' => 0, 'changed' => 0],
                'refused' => $upload->refused,
            ],
            $takesGood ? 200 : 422,
        );
    }
}
