<!DOCTYPE html><title>Empty</title>
