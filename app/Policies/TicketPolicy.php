<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Ticket;
use App\Models\User;

/** Everybody in a shop may see its tickets; only those who advise may give one. */
final class TicketPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user, Ticket $ticket): bool
    {
        return $user->shop_id === $ticket->shop_id;
    }

    public function create(User $user): bool
    {
        return $user->role->givesTickets();
    }
}
