<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('tickets', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->unsignedInteger('number');
            $table->string('customer_label', 60)->nullable();
            $table->string('units', 10);
            $table->string('cut_slug', 80);
            $table->string('cut_name', 80);
            $table->string('method', 20);
            $table->string('verdict', 10);
            $table->json('ask');
            $table->json('result');
            $table->json('cautions_read');
            $table->string('engine_version', 20);
            $table->timestamps();
            $table->unique(['shop_id', 'number']);
            $table->index(['shop_id', 'created_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tickets');
    }
};
