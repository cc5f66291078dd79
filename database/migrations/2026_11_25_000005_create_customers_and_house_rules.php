<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->json('house')->nullable(); // in the form of Contract\HouseReader, without the profile
            $table->decimal('margin_pct', 4, 1)->nullable();
            $table->string('units', 10)->default('metric');
            $table->string('language', 5)->default('en');
        });
        Schema::create('customers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60); // a first name or a code, nothing more
            $table->json('appliances');
            $table->json('fires');
            $table->string('units', 10)->default('metric');
            $table->timestamps();
            $table->unique(['shop_id', 'name']);
        });
        Schema::table('tickets', function (Blueprint $table): void {
            $table->foreignId('customer_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->timestamp('left_at')->nullable(); // who has left keeps their tickets and cannot sign in
        });
    }

    public function down(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('left_at'));
        Schema::table('tickets', fn (Blueprint $table) => $table->dropConstrainedForeignId('customer_id'));
        Schema::dropIfExists('customers');
        Schema::table('shops', fn (Blueprint $table) => $table->dropColumn(['house', 'margin_pct', 'units', 'language']));
    }
};
