<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('problem_sets', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('seed', 9);
            $table->json('tasks');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('problem_sets');
    }
};
