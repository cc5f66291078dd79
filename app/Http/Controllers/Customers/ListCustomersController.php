<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customers;

use App\Http\Resources\CustomerResource;
use App\Models\Customer;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListCustomersController
{
    #[
        OA\Get(
            path: '/customers',
            operationId: 'listCustomers',
            summary: 'Who comes again',
            parameters: [
                new OA\Parameter(name: 'find', in: 'query', required: false, schema: new OA\Schema(type: 'string', maxLength: 60)),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Done',
                    content: new OA\JsonContent(ref: '#/components/schemas/CustomerList'),
                ),
            ],
        ),
    ]
    public function __invoke(Request $request): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $find = is_string($request->query('find')) ? trim($request->query('find')) : '';
        $customers = Customer::query()->where('shop_id', $user->shop_id)->withCount('tickets')->withMax('tickets', 'created_at');
        if ($find !== '') {
            $customers->whereRaw('name COLLATE utf8mb4_unicode_ci LIKE ?', ['%'.addcslashes($find, '%_\\').'%']);
        }
        $found = $customers
            ->limit(200)
            ->get()
            ->sortBy('name', SORT_NATURAL | SORT_FLAG_CASE);

        return new JsonResponse(['customers' => CustomerResource::collection($found->values())->resolve($request)]);
    }
}
