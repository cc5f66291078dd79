<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The address under which a ticket's card opens on a phone: found by its hash, kept encrypted for a reprint. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('card_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('ticket_id')->unique()->constrained()->cascadeOnDelete(); // one a ticket: a new one ends the old
            $table->char('token_hash', 64)->unique();
            $table->text('token');
            $table->timestamp('expires_at')->useCurrent(); // never what the database puts there by itself
        });
    }

    public function down(): void
    {
        Schema::drop('card_links');
    }
};
