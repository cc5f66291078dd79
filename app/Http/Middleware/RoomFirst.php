<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\OutOfRoom;
use App\Services\Room;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Asks for room before anything is read or written; only how well it is can always be asked. */
final readonly class RoomFirst
{
    public function __construct(private Room $room) {}

    public function handle(Request $request, Closure $next): Response
    {
        return $request->is('health') || $this->room->isLeft() ? $next($request) : throw new OutOfRoom();
    }
}
