<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('examples', function (Blueprint $table): void {
            $table->id();
            $table->string('shelf', 80);
            $table->string('problem', 400);
            $table->string('method', 40)->nullable();
            $table->string('note', 200)->default('');
            $table->integer('position')->default(0);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('examples');
    }
};
