<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Whose a bench order is, by the customer and not by a name alone: so that forgetting one forgets them, and nobody else; and how
 * long a shop keeps names.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('bench_orders', function (Blueprint $table): void {
            $table->foreignId('customer_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::table('shops', fn (Blueprint $table) => $table->unsignedSmallInteger('names_kept_months')->default(36));
        DB::statement(
            'UPDATE bench_orders JOIN ticket_dishes ON ticket_dishes.id = bench_orders.ticket_dish_id
             JOIN tickets ON tickets.id = ticket_dishes.ticket_id SET bench_orders.customer_id = tickets.customer_id',
        );
    }

    public function down(): void
    {
        Schema::table('shops', fn (Blueprint $table) => $table->dropColumn('names_kept_months'));
        Schema::table('bench_orders', fn (Blueprint $table) => $table->dropConstrainedForeignId('customer_id'));
    }
};
