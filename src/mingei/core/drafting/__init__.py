"""What several recipes draw with: stars, rolled walls, the skin of a ball, the regular solids."""
