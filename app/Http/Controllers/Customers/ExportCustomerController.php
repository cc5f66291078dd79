<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customers;

use App\Http\Resources\CustomerResource;
use App\Http\Resources\TicketResource;
use App\Models\BenchOrder;
use App\Models\Customer;
use App\Models\Ticket;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ExportCustomerController
{
    #[
        OA\Get(
            path: '/customers/{customer}/export.json',
            operationId: 'exportCustomer',
            summary: 'Everything that is kept of one customer, for them to take along',
            parameters: [new OA\Parameter(name: 'customer', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))],
            responses: [new OA\Response(response: 200, description: 'JSON')],
        ),
    ]
    public function __invoke(Request $request, Customer $customer): JsonResponse
    {
        $tickets = Ticket::query()->with(Ticket::SHOWN)->where('customer_id', $customer->id)->orderBy('number')->get();

        return new JsonResponse(
            [
                'customer' => (new CustomerResource($customer))->resolve($request),
                'tickets' => TicketResource::collection($tickets)->resolve($request),
                'bench_orders' => BenchOrder::query()
                    ->where('customer_id', $customer->id)
                    ->orderBy('id')
                    ->get(['cut_name', 'method', 'pieces', 'customer', 'state', 'created_at']),
            ],
            200,
            ['Content-Disposition' => 'attachment; filename="customer.json"'],
        );
    }
}
