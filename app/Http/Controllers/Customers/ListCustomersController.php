<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customers;

use App\Http\Resources\CustomerResource;
use App\Models\Customer;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListCustomersController
{
    #[OA\Get(path: '/customers', operationId: 'listCustomers', summary: 'Who comes again', parameters: [new OA\Parameter(name: 'find', in: 'query', required: false, schema: new OA\Schema(type: 'string', maxLength: 60))],
        responses: [new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/CustomerList'))])]
    public function __invoke(Request $request): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $find = trim($request->string('find')->toString());
        $customers = Customer::query()->where('shop_id', $user->shop_id)->when($find !== '', fn (Builder $query) => $query->where('name', 'like', '%'.addcslashes($find, '%_\\').'%'))
            ->withCount('tickets')->withMax('tickets', 'created_at')->limit(200)->get()->sortBy('name', SORT_NATURAL | SORT_FLAG_CASE);

        return new JsonResponse(['customers' => CustomerResource::collection($customers->values())->resolve($request)]);
    }
}
