<?php

declare(strict_types=1);

namespace App\OpenApi;

use Nessmark\Data\Engine;
use Nessmark\Ticket\DishTicket;
use OpenApi\Attributes as OA;
use OpenApi\Generator;
use RuntimeException;
use stdClass;

#[OA\OpenApi(openapi: '3.1.0')]
#[
    OA\Info(
        version: Engine::VERSION,
        title: 'Nessmark',
        description: 'Every key carries its unit. Errors are problem details (RFC 9457).',
    ),
]
#[OA\Server(url: '/api/v1')]
#[
    OA\Parameter(
        parameter: 'OnceKey',
        name: 'Idempotency-Key',
        in: 'header',
        required: false,
        description: 'Made by the sender: asked twice under one key, it happens once, and the first answer comes again',
        schema: new OA\Schema(type: 'string', pattern: '^[A-Za-z0-9_-]{8,64}$'),
    ),
]
final class Description
{
    public static function json(): string
    {
        $openApi = Generator::scan([app_path('OpenApi'), app_path('Http/Controllers')], ['validate' => false]);
        if ($openApi === null) {
            throw new RuntimeException('The API has no description.');
        }

        $description = json_decode($openApi->toJson(), flags: JSON_THROW_ON_ERROR); // as objects: an empty one stays one
        if (! ($description instanceof stdClass) || ! ($description->components instanceof stdClass)) {
            throw new RuntimeException('The API description has no components.');
        }
        $schemas = [...(array) $description->components->schemas, ...Reflected::of(DishTicket::class)];
        ksort($schemas);
        $description->components->schemas = (object) $schemas;

        return json_encode($description, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR).
            "\n";
    }
}
