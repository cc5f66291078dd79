<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Ticket;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Everybody in a shop may see its tickets; only those who advise may give one. */
final class TicketPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    /** Another shop's ticket is none. */
    public function view(User $user, Ticket $ticket): Response
    {
        return $user->shop_id === $ticket->shop_id ? Response::allow() : Response::denyAsNotFound();
    }

    public function takeBack(User $user, Ticket $ticket): Response
    {
        $mayView = $this->view($user, $ticket);

        return $mayView->denied() || $user->role->givesTickets() ? $mayView : Response::deny();
    }

    public function link(User $user, Ticket $ticket): Response
    {
        return $this->takeBack($user, $ticket);
    }

    public function create(User $user): bool
    {
        return $user->role->givesTickets();
    }
}
