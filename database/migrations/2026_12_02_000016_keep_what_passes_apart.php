<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What is written all day and need not come back, sessions and the beat of /health, lies in a schema of its own: the binary log leaves it
 * out, and a restore leaves everybody signed in.
 */
return new class extends Migration
{
    public function up(): void
    {
        $passing = '`'.config()->string('database.passing').'`';
        DB::statement("CREATE TABLE IF NOT EXISTS {$passing}.sessions (
            id VARCHAR(255) NOT NULL PRIMARY KEY, user_id BIGINT UNSIGNED NULL, ip_address VARCHAR(45) NULL, user_agent TEXT NULL,
            payload LONGTEXT NOT NULL, last_activity INT NOT NULL, KEY (user_id), KEY (last_activity))");
        DB::statement("CREATE TABLE IF NOT EXISTS {$passing}.beat (id TINYINT UNSIGNED NOT NULL PRIMARY KEY, at TIMESTAMP(3) NOT NULL)");
        $columns = 'id, user_id, ip_address, user_agent, payload, last_activity';
        DB::statement("INSERT IGNORE INTO {$passing}.sessions ({$columns}) SELECT {$columns} FROM sessions");
        Schema::drop('sessions');
    }

    public function down(): void
    {
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
    }
};
