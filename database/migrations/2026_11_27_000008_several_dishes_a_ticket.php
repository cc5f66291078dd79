<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was kept with a ticket for its one dish moves to a row of its own, as it was given. */
return new class extends Migration
{
    private const MOVED = 'ask, result, shape, cautions_read, cut_slug, cut_name, method, verdict, lot_id, sold_g, price_minor';

    public function up(): void
    {
        Schema::create('ticket_dishes', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('ticket_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('place'); // on the ticket, from 1
            $table->string('cut_slug', 80);
            $table->string('cut_name', 80);
            $table->string('method', 20);
            $table->string('verdict', 10);
            $table->json('ask');
            $table->json('result');
            $table->unsignedSmallInteger('shape'); // see Contract\TicketShape
            $table->json('cautions_read');
            $table->foreignId('lot_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('sold_g')->nullable();
            $table->unsignedInteger('price_minor')->nullable();
            $table->unique(['ticket_id', 'place']);
        });
        DB::statement('INSERT INTO ticket_dishes (ticket_id, place, '.self::MOVED.') SELECT id, 1, '.self::MOVED.' FROM tickets');
        Schema::table('tickets', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('lot_id');
            $table->dropColumn(array_values(array_diff(explode(', ', self::MOVED), ['lot_id'])));
        });
    }

    public function down(): void
    {
        throw new LogicException('A ticket of several dishes cannot go back to one.');
    }
};
