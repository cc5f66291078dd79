<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A card's language, the ticket it stands in place of, and what the customer answered. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('customers', function (Blueprint $table): void {
            $table->char('language', 2)->nullable(); // null: the shop's
        });
        Schema::table('tickets', function (Blueprint $table): void {
            $table->char('language', 2)->default('en');
            $table->foreignUlid('replaces_id')->nullable()->unique()->constrained('tickets')->nullOnDelete();
            $table->json('changes')->nullable(); // phrases: what is otherwise than on the one it replaces
        });
        Schema::table('ticket_dishes', function (Blueprint $table): void {
            $table->string('answer', 20)->nullable(); // to "How was it?", if the customer wanted
            $table->timestamp('answered_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('ticket_dishes', fn (Blueprint $table) => $table->dropColumn(['answer', 'answered_at']));
        Schema::table('tickets', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('replaces_id');
            $table->dropColumn(['language', 'changes']);
        });
        Schema::table('customers', fn (Blueprint $table) => $table->dropColumn('language'));
    }
};
