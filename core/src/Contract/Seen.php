<?php

declare(strict_types=1);

namespace Nessmark\Contract;

use Nessmark\Ticket\DishTicket;

/** What was on screen has an id; giving names it, and what would come out otherwise by now is not given unseen. */
final class Seen
{
    private function __construct() {}

    public static function id(DishTicket $ticket): string
    {
        return hash('xxh128', json_encode(Json::of($ticket), JSON_THROW_ON_ERROR));
    }
}
